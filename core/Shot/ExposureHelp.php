<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * What is worked out beside the exposure: light and filter, blur, stars, and what the shutter's marks stand for; and the other way
 * round, which exposure gives the blur that is wanted.
 */
final class ExposureHelp
{
    private const NOTICEABLE_SECONDS = 0.005;

    /** Below this it is dusk or night, and nobody puts a filter on. */
    private const DAYLIGHT_EV = 6.0;

    /** Shorter, marks and truth are too near to tell apart. */
    private const LONG_MARK_SECONDS = 1.0;

    /**
     * @return list<array{string, string, string}> what, and how much, for the first photo and the last where they differ; and the sum behind it, by
     *                                            its key, empty for none
     */
    public static function told(Shot $shot): array
    {
        $plan = $shot->plan;
        $told = [];
        $exposures = $shot->schedule->exposureSeconds;
        $light = $shot->light();
        $last = $shot->schedule->photosTotal() - 1;
        if ($light !== null) {
            $told[] = ['Light', 'EV ' . self::range($light->exposureValues[0], $light->exposureValues[$last], 1), 'exposure'];
            $told[] = ['Brightness', self::brightness($light->errors[0], $light->errors[$last]), 'exposure'];
            if ($light->light->ndStops > 0.0 || max($light->exposureValues) >= self::DAYLIGHT_EV) {
                $told[] = ['Filter', self::filter($light), 'nd'];
            }
        }
        if ($plan->timing->mode->hasClock()) {
            $share = static fn (int $n): float => 100.0 * $exposures[$n] / $shot->schedule->intervalSeconds[$n];
            $told[] = ['Blur share', self::range($share(0), $share($last), 0) . ' % of the interval', 'blur'];
        }
        if ($plan->optics !== null && $plan->optics->subjectMetresPerSecond > 0.0) {
            $picture = new Picture($plan->optics);
            $share = static fn (float $seconds): float => 100.0 * $picture->subjectTravel($seconds) / $plan->optics->outputWidthPixels;
            $told[] = [
                'Subject smears',
                self::range($picture->subjectTravel($exposures[0]), $picture->subjectTravel($exposures[$last]), 1) . ' px, '
                    . self::range($share($exposures[0]), $share($exposures[$last]), 1) . ' % of the frame',
                '',
            ];
        }
        $stars = $plan->optics === null ? null : $shot->stars();
        if ($plan->optics !== null && $stars !== null) {
            $worst = $stars->worst();
            $drift = PlainText::rounded($stars->clipPixels[$worst] / $plan->optics->outputScale(), 1);
            $told[] = ['Stars drift', "{$drift} px of the photo at most", 'star_drift'];
            $told[] = ['Rule of 500', PlainText::seconds(StarTrails::byConstant($plan->optics)), 'star_limit'];
            $byPitch = StarTrails::byPitch($plan->optics, $plan->light->aperture ?? 2.8, $stars->declinations[$worst]);
            $told[] = ['By pixels', PlainText::seconds($byPitch), ''];
        }
        $longest = $plan->timing->exposure->longest();
        if ($longest >= self::LONG_MARK_SECONDS && abs(Marks::open($longest, $plan->camera->marksAreLiteral) - $longest) > self::NOTICEABLE_SECONDS) {
            $told[] = [
                'On the dial',
                sprintf('a mark of %s s is open %s', PlainText::rounded($longest, 1), PlainText::seconds(Exposure::trueSeconds($longest))),
                '',
            ];
        }

        return $told;
    }

    /**
     * The exposure with which the shutter is open for a share of the interval; the filter goes with it where the light is known.
     *
     * @throws InvalidInput with the pointer /share
     */
    public static function forBlurShare(Shot $shot, float $share): Plan
    {
        if (!($share > 0.0 && $share < 1.0)) {
            throw new InvalidInput([new Problem('/share', 'Enter a share of the interval above 0 and below 100 %, such as 50 %.')]);
        }
        $plan = $shot->plan;
        $interval = $plan->timing->interval->longest();
        // Of a gap g the exposure makes an interval of g + t: t = share · g / (1 - share).
        $seconds = $plan->timing->intervalMeans === IntervalMeaning::Gap ? $share * $interval / (1.0 - $share) : $share * $interval;

        return self::exposed($shot, $seconds, '/share');
    }

    /**
     * The exposure in which the subject smears by so many pixels of the clip, or by a share of the frame's width.
     *
     * @param string $length such as "40" or "12 %"
     *
     * @throws InvalidInput with the pointer /pixels
     */
    public static function forSmear(Shot $shot, string $length): Plan
    {
        $optics = $shot->plan->optics;
        $share = str_contains($length, '%') ? TypedText::percent($length) : null;
        $pixels = $share === null ? TypedText::number($length) ?? NAN : $share * ($optics->outputWidthPixels ?? 0);
        if (!($pixels > 0.0 && $pixels < 100_000.0)) {
            throw new InvalidInput([new Problem('/pixels', 'Enter how many pixels of the clip, such as 40, or a share of the frame, such as 12 %.')]);
        }
        if ($optics === null || $optics->subjectMetresPerSecond <= 0.0) {
            throw new InvalidInput([new Problem('/pixels', 'Say under Picture how fast the subject moves: then this can be worked out.')]);
        }

        return self::exposed($shot, $pixels / (new Picture($optics))->subjectTravel(1.0), '/pixels');
    }

    private static function exposed(Shot $shot, float $seconds, string $pointer): Plan
    {
        $plan = $shot->plan;
        $room = min([INF, ...$shot->exposureRoom()]);
        if ($seconds > $room) {
            throw new InvalidInput([new Problem($pointer, sprintf(
                'That takes %s open, and the interval leaves %s. Lengthen it first, or enter less.',
                PlainText::seconds($seconds),
                PlainText::seconds($room),
            ))]);
        }
        $rounded = (float) sprintf('%.3g', $seconds);

        return self::filtered($shot, $plan->withExposure(KeyedSeconds::constant($rounded, Between::Stops, new Message('what.exposure'))));
    }

    /**
     * A plan that is exposed otherwise, with the filter that keeps its first photo as bright as it was; where the light is not
     * described, as it is.
     *
     * @param Plan $exposed the schedule's plan, but for its exposure
     */
    public static function filtered(Shot $shot, Plan $exposed): Plan
    {
        $light = $shot->plan->light;
        if ($light === null) {
            return $exposed;
        }
        $longer = NeutralDensity::stopsNeeded($shot->schedule->exposureSeconds[0], $exposed->timing->exposure->keys[0]['seconds']);
        $needed = max(0.0, $light->ndStops + $longer);
        $stops = $light->filters === [] ? round($needed) : array_sum(NeutralDensity::pick($needed, $light->filters)->stops);

        return $exposed->with(['light' => $light->with(['ndStops' => min(30.0, $stops)])]);
    }

    private static function filter(ShotLight $light): string
    {
        $needed = $light->light->ndStops + max(0.0, $light->brightest());
        if ($needed < 0.34) {
            return 'none needed';
        }
        $picked = $light->light->filters === [] ? null : NeutralDensity::pick($needed, $light->light->filters);
        $text = PlainText::stops($needed) . ' (density ' . PlainText::rounded(NeutralDensity::density($needed), 1) . ')';
        if ($picked === null) {
            return $text;
        }

        return $text . ($picked->stops === [] ? '; none of yours comes near' : '; of yours ' . implode(
            ' and ',
            array_map(PlainText::number(...), $picked->stops),
        )
            . (abs($picked->leftOver) < 0.05 ? '' : ', ' . PlainText::stops(abs($picked->leftOver)) . ($picked->leftOver > 0.0 ? ' still over' : ' too much'))
            . (count($picked->stops) > 1 ? '; stacked, mind the corners' : ''));
    }

    /** Against what is wanted, of the first photo and the last. */
    private static function brightness(float $from, float $to): string
    {
        [$first, $last] = [PlainText::signed($from, 1), PlainText::signed($to, 1)];

        return $first === '0' && $last === '0' ? 'as wanted' : ($first === $last ? $first : "{$first} → {$last}") . ' stops from wanted';
    }

    private static function range(float $from, float $to, int $decimals): string
    {
        [$first, $last] = [PlainText::rounded($from, $decimals), PlainText::rounded($to, $decimals)];

        return $first === $last ? $first : "{$first} → {$last}";
    }
}
