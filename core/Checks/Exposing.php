<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Light\Control;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Marks;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TimedBy;
use Evrent\Core\Values\InvalidInput;

/**
 * Exposures as a remedy may set them: on the marks of the camera's dial unless a controller times them on bulb, and where the light is
 * known with the ISO or aperture that makes up for the change, within what body and lens have.
 */
final class Exposing
{
    /** Shorter than this, a trigger cannot hold a shutter on bulb with any certainty: contacts bounce and bodies wait. */
    public const SHORTEST_BULB_SECONDS = 0.1;

    /** A change of brightness below this is none. */
    private const SAME_STOPS = 0.17;

    /** Whether exposures are set by the marks of a dial. */
    public static function byMarks(Plan $plan): bool
    {
        return $plan->camera->exposureTimedBy !== TimedBy::Controller;
    }

    /** A time that can be set, no longer than this; null where none is so short. */
    public static function atMost(Plan $plan, float $seconds): ?float
    {
        if (!self::byMarks($plan)) {
            return $seconds >= self::SHORTEST_BULB_SECONDS ? self::twoDigitsDown($seconds) : null;
        }
        $mark = Marks::shutterAtMost($seconds, $plan->camera->marksAreLiteral);

        return $mark === null ? null : Marks::open($mark, $plan->camera->marksAreLiteral);
    }

    /** The shortest time that can be set. */
    public static function shortest(Plan $plan): float
    {
        return self::byMarks($plan) ? Marks::SHUTTER[count(Marks::SHUTTER) - 1] : self::SHORTEST_BULB_SECONDS;
    }

    /** A time that can be set, as near as can be. */
    public static function nearest(Plan $plan, float $seconds): float
    {
        if (!self::byMarks($plan)) {
            return (float) sprintf('%.3g', $seconds);
        }

        return Marks::open(Marks::shutterNearest($seconds, $plan->camera->marksAreLiteral), $plan->camera->marksAreLiteral);
    }

    /** A time as it is set, and how long the shutter is open where that is another: "20", "15 s, which is open 16". */
    public static function told(Plan $plan, float $seconds): Message
    {
        $mark = self::byMarks($plan) ? Marks::shutterNearest($seconds, $plan->camera->marksAreLiteral) : $seconds;

        return abs($mark / $seconds - 1.0) < Marks::SAME_SHARE || abs(Marks::open($mark, $plan->camera->marksAreLiteral) / $seconds - 1.0) > 0.001
            ? new Message('checks.exposing.plain', ['seconds' => Quantity::exposure($seconds)])
            : new Message('checks.exposing.mark', ['mark' => Quantity::exposure($mark), 'seconds' => Quantity::seconds($seconds)]);
    }

    /**
     * The plan with every exposure changed, each to a time that can be set.
     *
     * @param callable(float): float $change seconds in, seconds out
     */
    public static function changed(Plan $plan, callable $change, bool $neverLonger): ?Plan
    {
        try {
            return $plan->withExposure($plan->timing->exposure->map(static function (float $seconds) use ($plan, $change, $neverLonger): float {
                $wanted = $change($seconds);

                return $neverLonger ? self::atMost($plan, $wanted) ?? 0.0 : self::nearest($plan, $wanted);
            }));
        } catch (InvalidInput) {
            // A time of 0 is none.
            return null;
        }
    }

    /**
     * A plan that exposes shorter or longer, and what that does to the brightness. Where the light is known ISO makes up for it, then the
     * aperture, as far as they go.
     *
     * @param Plan $exposed the shot's plan, but for its exposure
     *
     * @return array{Plan, Text|string} with what to say of it: "ISO 400 makes up for it", "1 stop darker"
     */
    public static function madeUpFor(Shot $shot, Plan $exposed): array
    {
        $stops = log($exposed->timing->exposure->longest() / $shot->plan->timing->exposure->longest(), 2);
        $light = $exposed->light;
        if ($light === null || $shot->light() === null || $light->control !== Control::Manual || $light->isoChanges !== []) {
            return [$exposed, self::brightness($stops)];
        }
        $missing = -$stops;
        $iso = $light->iso;
        foreach ($light->isos as $allowed) {
            $nearer = abs($missing - self::isoStops($light->iso, $allowed)) < abs($missing - self::isoStops($light->iso, $iso));
            $iso = $nearer && $allowed <= ($light->highestIso ?? INF) ? $allowed : $iso;
        }
        $left = $missing - self::isoStops($light->iso, $iso);
        $aperture = $light->aperture;
        if ($left > self::SAME_STOPS) {
            $aperture = min($aperture, Marks::apertureFrom(max($light->widest(), $light->aperture / 2.0 ** ($left / 2.0))) ?? $aperture);
            $left -= 2.0 * log($light->aperture / $aperture, 2);
        }
        $said = Joined::of([
            $iso === $light->iso ? '' : new Message('checks.exposing.iso', ['iso' => $iso]),
            $aperture === $light->aperture ? '' : new Message('checks.exposing.aperture', ['aperture' => $aperture]),
        ], Joined::AND);
        $words = match (true) {
            $said === '' => self::brightness($stops),
            abs($left) < self::SAME_STOPS => new Message('checks.exposing.offset', ['settings' => $said]),
            default => new Message('checks.exposing.partly', ['settings' => $said, 'left' => self::brightness(-$left)]),
        };

        return [$exposed->with(['light' => $light->with(['iso' => $iso, 'aperture' => $aperture])]), $words];
    }

    /** "1 stop darker", "2.3 stops brighter", "as bright". */
    public static function brightness(float $stops): Message
    {
        return abs($stops) < 0.05
            ? new Message('checks.exposing.same')
            : new Message($stops < 0.0 ? 'checks.exposing.darker' : 'checks.exposing.brighter', ['stops' => Quantity::stops(abs($stops))]);
    }

    private static function isoStops(float $from, float $to): float
    {
        return log(Exposure::trueIso($to) / Exposure::trueIso($from), 2);
    }

    private static function twoDigitsDown(float $seconds): float
    {
        $unit = 10.0 ** (floor(log10($seconds)) - 1);

        return round(floor($seconds / $unit + 1e-9) * $unit, 12);
    }
}
