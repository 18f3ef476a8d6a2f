<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

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
            'Hyperfocal distance',
            '({focal} × {focal} ÷ ({aperture} × {circle}) + {focal}) ÷ 1000',
            [
                'focal' => $given->of('focal length', $optics->focalMillimetres, 'mm', '/optics/focal_mm'),
                'aperture' => $given->of('f-number', $light->aperture, '', '/light/aperture'),
                'circle' => $optics->circleMillimetres === null
                    ? new Term('circle of confusion, 1/1,500 of the diagonal', $focus->circleMillimetres, 'mm')
                    : $given->of('circle of confusion', $optics->circleMillimetres, 'mm', '/optics/circle_mm'),
            ],
            new Term('hyperfocal distance', $focus->hyperfocalMetres, 'm'),
            'Hyperfocal distance',
            'geometrical optics of a thin lens: f² / (N · c) + f',
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
            'Time to cross the frame at photo ' . $fastest->photo,
            '100 ÷ ({share} × {rate})',
            [
                'share' => new Term("of the frame that the {$fastest->axis->id} carries the picture from photo to photo", 100.0 * $fastest->much, '%'),
                'rate' => (new GivenTerms($shot->plan))->of('frame rate', $rate, 'fps', '/timing/frames_per_second'),
            ],
            new Term('to cross the frame', Picture::crossingSeconds($fastest->much, $rate), 's'),
            'Speed on screen',
            'panning slower than seven seconds a frame is the cinema’s rule against judder',
            new Term('at least', $shot->plan->thresholds->crossingSeconds, 's'),
        );
    }

    private static function starLimit(Shot $shot, Optics $optics): ?Sum
    {
        if ($shot->stars() === null) {
            return null;
        }

        return new Sum(
            'star_limit',
            'Longest exposure for stars',
            '{constant} ÷ ({focal} × {crop})',
            [
                'constant' => new Term('the rule’s constant', StarTrails::USUAL_CONSTANT),
                'focal' => (new GivenTerms($shot->plan))->of('focal length', $optics->focalMillimetres, 'mm', '/optics/focal_mm'),
                'crop' => new Term(
                    'crop, by the diagonal of 43.27 mm',
                    StarTrails::USUAL_CONSTANT / (StarTrails::byConstant($optics) * $optics->focalMillimetres),
                ),
            ],
            new Term('longest', StarTrails::byConstant($optics), 's'),
            'Rule of 500',
            'photographers’ rule of thumb, counted as on full frame',
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
            'Trail of the fastest star, photo ' . ($n + 1),
            '{rate} × cos({declination}) × {exposure} × {focal} ÷ 206265 × {scale}',
            [
                'rate' => new Term('the sky’s turn', 15.041, '″/s'),
                'declination' => new Term(
                    $shot->plan->facing() === null ? 'declination, the worst of any bearing' : 'declination nearest the equator in the frame',
                    $stars->declinations[$n] ?? 0.0,
                    '°',
                ),
                'exposure' => new Term('exposure', $exposure, 's'),
                'focal' => new Term('focal length in pixels', $optics->focalPixels(), 'px'),
                'scale' => new Term('pixels of the clip for one of the photo', $optics->outputScale()),
            ],
            new Term('of trail', $stars->clipPixels[$n] ?? 0.0, 'px'),
            'Sidereal rate',
            'one turn in 23 h 56 min; 206,265 seconds of arc in a radian',
            new Term('shows', $shot->plan->thresholds->trailPixels, 'px'),
        );
    }
}
