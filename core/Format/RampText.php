<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Motion\Run;
use Evrent\Core\Plan;
use Evrent\Core\Schedule\Schedule;

/**
 * A ramp as people give it: in per cent of its run, in photos, or in seconds.
 */
final class RampText
{
    /**
     * @return ?float share of the run, which may lie beyond 1; null when it cannot be read
     */
    public static function share(string $text, Plan $plan, Run $run): ?float
    {
        $moves = $run->toIndex - $run->fromIndex;
        if (preg_match('/^(.+?)\s*(?:p|ph|photos?|frames?)$/Di', trim($text), $part) === 1) {
            $photos = TypedText::number($part[1]);

            return $photos === null ? null : $photos / $moves;
        }
        if (preg_match('/(?:\d\s*(?:s|sec|m|min|h)|\d:\d\d)$/Di', trim($text)) === 1) {
            $seconds = TypedText::seconds($text);

            return $seconds === null ? null : $seconds / self::runSeconds(Schedule::of($plan), $run);
        }

        return TypedText::percent($text);
    }

    /** How long a ramp takes on site, from where its run begins or to where it ends. */
    public static function seconds(Schedule $schedule, Run $run, float $share): float
    {
        return $share * self::runSeconds($schedule, $run);
    }

    /** The run's photos at the shot's average interval, as the interval may change on the way. */
    private static function runSeconds(Schedule $schedule, Run $run): float
    {
        return ($run->toIndex - $run->fromIndex) * $schedule->summary->bookedSeconds / $schedule->photosTotal();
    }
}
