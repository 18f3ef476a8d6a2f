<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Light;
use Evrent\Core\Light\Marks;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
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
     * @return list<array{Message, Text|string, string}> what, and how much, for the first photo and the last where they differ; and the sum behind it, by
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
            $range = self::range($light->exposureValues[0], $light->exposureValues[$last], 1);
            $told[] = [new Message('shot.exposure_help.light'), new Message('shot.exposure_help.ev', ['range' => $range]), 'exposure'];
            $told[] = [new Message('shot.exposure_help.brightness'), self::brightness($light->errors[0], $light->errors[$last]), 'exposure'];
            if ($light->light->ndStops > 0.0 || max($light->exposureValues) >= self::DAYLIGHT_EV) {
                $told[] = [new Message('shot.exposure_help.filter'), self::filter($light), 'nd'];
            }
        }
        if ($plan->timing->mode->hasClock()) {
            $share = static fn (int $n): float => 100.0 * $exposures[$n] / $shot->schedule->intervalSeconds[$n];
            $range = self::range($share(0), $share($last), 0);
            $told[] = [new Message('shot.exposure_help.blur'), new Message('shot.exposure_help.of_interval', ['range' => $range]), 'blur'];
        }
        if ($plan->optics !== null && $plan->optics->subjectMetresPerSecond > 0.0) {
            $picture = new Picture($plan->optics);
            $share = static fn (float $seconds): float => 100.0 * $picture->subjectTravel($seconds) / $plan->optics->outputWidthPixels;
            $told[] = [
                new Message('shot.exposure_help.smear'),
                new Message('shot.exposure_help.smears', [
                    'pixels' => self::range($picture->subjectTravel($exposures[0]), $picture->subjectTravel($exposures[$last]), 1),
                    'percent' => self::range($share($exposures[0]), $share($exposures[$last]), 1),
                ]),
                '',
            ];
        }
        $stars = $plan->optics === null ? null : $shot->stars();
        if ($plan->optics !== null && $stars !== null) {
            $worst = $stars->worst();
            $drift = Quantity::rounded($stars->clipPixels[$worst] / $plan->optics->outputScale(), 1);
            $told[] = [new Message('shot.exposure_help.drift'), new Message('shot.exposure_help.drifts', ['pixels' => $drift]), 'star_drift'];
            $told[] = [new Message('shot.exposure_help.rule'), Quantity::seconds(StarTrails::byConstant($plan->optics)), 'star_limit'];
            $byPitch = StarTrails::byPitch($plan->optics, $plan->light->aperture ?? 2.8, $stars->declinations[$worst]);
            $told[] = [new Message('shot.exposure_help.pixels'), Quantity::seconds($byPitch), ''];
        }
        $longest = $plan->timing->exposure->longest();
        if ($longest >= self::LONG_MARK_SECONDS && abs(Marks::open($longest, $plan->camera->marksAreLiteral) - $longest) > self::NOTICEABLE_SECONDS) {
            $told[] = [
                new Message('shot.exposure_help.dial'),
                new Message('shot.exposure_help.mark', [
                    'mark' => Quantity::rounded($longest, 1), 'seconds' => Quantity::seconds(Exposure::trueSeconds($longest)),
                ]),
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
            throw new InvalidInput([new Problem('/share', new Message('shot.exposure_help.enter_share'))]);
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
            throw new InvalidInput([new Problem('/pixels', new Message('shot.exposure_help.enter_smear'))]);
        }
        if ($optics === null || $optics->subjectMetresPerSecond <= 0.0) {
            throw new InvalidInput([new Problem('/pixels', new Message('shot.exposure_help.no_speed'))]);
        }

        return self::exposed($shot, $pixels / (new Picture($optics))->subjectTravel(1.0), '/pixels');
    }

    private static function exposed(Shot $shot, float $seconds, string $pointer): Plan
    {
        $plan = $shot->plan;
        $room = min([INF, ...$shot->exposureRoom()]);
        if ($seconds > $room) {
            throw new InvalidInput([new Problem($pointer, new Message('shot.exposure_help.too_long', [
                'seconds' => Quantity::seconds($seconds),
                'room' => Quantity::seconds($room),
            ]))]);
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

    private static function filter(ShotLight $light): Text|string
    {
        $needed = $light->light->ndStops + max(0.0, $light->brightest());
        if ($needed < 0.34) {
            return new Message('shot.exposure_help.no_filter');
        }
        $picked = $light->light->filters === [] ? null : NeutralDensity::pick($needed, $light->light->filters);
        $text = new Message('shot.exposure_help.density', [
            'stops' => Quantity::stops($needed), 'density' => Quantity::rounded(NeutralDensity::density($needed), 1),
        ]);
        if ($picked === null) {
            return $text;
        }
        if ($picked->stops === []) {
            return Joined::of([$text, new Message('shot.exposure_help.none_near')]);
        }

        return Joined::of([
            $text,
            new Message('shot.exposure_help.of_yours', ['filters' => array_map(Quantity::number(...), $picked->stops)]),
            abs($picked->leftOver) < 0.05 ? null : new Message(
                $picked->leftOver > 0.0 ? 'shot.exposure_help.still_over' : 'shot.exposure_help.too_much',
                ['stops' => Quantity::stops(abs($picked->leftOver))],
            ),
            count($picked->stops) > 1 ? new Message('shot.exposure_help.stacked') : null,
        ]);
    }

    /** Against the target, of the first photo and the last. */
    private static function brightness(float $from, float $to): Message
    {
        [$first, $last] = [round($from, 1), round($to, 1)];
        $signed = static fn (float $stops): Quantity => Quantity::signed($stops, 1);

        return match (true) {
            $first === 0.0 && $last === 0.0 => new Message('shot.exposure_help.on_target'),
            $first === $last => new Message('shot.exposure_help.off_target', ['stops' => $signed($from)]),
            default => new Message('shot.exposure_help.off_target', ['stops' => Joined::of([$signed($from), ' → ', $signed($to)], Joined::PLAIN)]),
        };
    }

    private static function range(float $from, float $to, int $decimals): Text|string
    {
        [$first, $last] = [Quantity::rounded($from, $decimals), Quantity::rounded($to, $decimals)];

        return round($from, $decimals) === round($to, $decimals) ? $first : Joined::of([$first, ' → ', $last], Joined::PLAIN);
    }
}
