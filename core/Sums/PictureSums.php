<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Message;
use Evrent\Core\Optics\Focus;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;

/**
 * What lens and sensor make: sharpness, stars and speed on screen.
 */
final class PictureSums
{
    /**
     * @return list<Sum>
     */
    public static function of(Shot $shot): array
    {
        $optics = $shot->plan->optics;

        return $optics === null ? [] : array_values(array_filter([
            self::hyperfocal($shot, $optics), self::crossing($shot), self::starLimit($shot, $optics), self::starDrift($shot, $optics),
        ]));
    }

    private static function hyperfocal(Shot $shot, Optics $optics): ?Sum
    {
        $light = $shot->plan->light;
        if ($light === null) {
            return null;
        }
        $given = new GivenTerms($shot->plan);
        $focus = new Focus($optics, $light->aperture);

        return new Sum(
            'hyperfocal',
            new Message('sums.picture.hyperfocal'),
            '({focal} × {focal} ÷ ({aperture} × {circle}) + {focal}) ÷ 1000',
            [
                'focal' => $given->of(new Message('sums.picture.focal'), $optics->focalMillimetres, 'mm', '/optics/focal_mm'),
                'aperture' => $given->of(new Message('sums.term.f_number'), $light->aperture, '', '/light/aperture'),
                'circle' => $optics->circleMillimetres === null
                    ? new Term(new Message('sums.picture.circle_share'), $focus->circleMillimetres, 'mm')
                    : $given->of(new Message('sums.picture.circle'), $optics->circleMillimetres, 'mm', '/optics/circle_mm'),
            ],
            new Term(new Message('sums.picture.hyperfocal_result'), $focus->hyperfocalMetres, 'm'),
            new Message('sums.picture.hyperfocal'),
            new Message('sums.picture.thin_lens'),
        );
    }

    private static function crossing(Shot $shot): ?Sum
    {
        $fastest = $shot->motion()?->fastest();
        if ($fastest?->axis === null || $fastest->much <= 0.0) {
            return null;
        }
        $rate = $shot->plan->timing->framesPerSecond;

        return new Sum(
            'crossing',
            new Message('sums.picture.crossing', ['photo' => $fastest->photo]),
            '100 ÷ ({share} × {rate})',
            [
                'share' => new Term(new Message('sums.picture.share', ['axis' => $fastest->axis->label()]), 100.0 * $fastest->much, '%'),
                'rate' => (new GivenTerms($shot->plan))->of(new Message('sums.picture.rate'), $rate, 'fps', '/timing/frames_per_second'),
            ],
            new Term(new Message('sums.picture.to_cross'), Picture::crossingSeconds($fastest->much, $rate), 's'),
            new Message('sums.picture.speed'),
            new Message('sums.picture.judder'),
            new Term(new Message('sums.picture.least'), $shot->plan->thresholds->crossingSeconds, 's'),
        );
    }

    private static function starLimit(Shot $shot, Optics $optics): ?Sum
    {
        if ($shot->stars() === null) {
            return null;
        }

        return new Sum(
            'star_limit',
            new Message('sums.picture.stars'),
            '{constant} ÷ ({focal} × {crop})',
            [
                'constant' => new Term(new Message('sums.picture.constant'), StarTrails::USUAL_CONSTANT),
                'focal' => (new GivenTerms($shot->plan))->of(new Message('sums.picture.focal'), $optics->focalMillimetres, 'mm', '/optics/focal_mm'),
                'crop' => new Term(
                    new Message('sums.picture.crop'),
                    StarTrails::USUAL_CONSTANT / (StarTrails::byConstant($optics) * $optics->focalMillimetres),
                ),
            ],
            new Term(new Message('sums.term.longest'), StarTrails::byConstant($optics), 's'),
            new Message('sums.picture.rule'),
            new Message('sums.picture.rule_source'),
        );
    }

    private static function starDrift(Shot $shot, Optics $optics): ?Sum
    {
        $stars = $shot->stars();
        if ($stars === null) {
            return null;
        }
        $n = $stars->worst();
        $exposure = $shot->schedule->exposureSeconds[$n];

        return new Sum(
            'star_drift',
            new Message('sums.picture.trail', ['n' => $n + 1]),
            '{rate} × cos({declination}) × {exposure} × {focal} ÷ 206265 × {scale}',
            [
                'rate' => new Term(new Message('sums.picture.turn'), 15.041, '″/s'),
                'declination' => new Term(
                    $shot->plan->facing() === null ? new Message('sums.picture.declination_worst') : new Message('sums.picture.declination'),
                    $stars->declinations[$n] ?? 0.0,
                    '°',
                ),
                'exposure' => new Term(new Message('sums.term.exposure'), $exposure, 's'),
                'focal' => new Term(new Message('sums.picture.focal_px'), $optics->focalPixels(), 'px'),
                'scale' => new Term(new Message('sums.picture.px'), $optics->outputScale()),
            ],
            new Term(new Message('sums.picture.of_trail'), $stars->clipPixels[$n] ?? 0.0, 'px'),
            new Message('sums.picture.sidereal'),
            new Message('sums.picture.sidereal_source'),
            new Term(new Message('sums.term.shows'), $shot->plan->thresholds->trailPixels, 'px'),
        );
    }
}
