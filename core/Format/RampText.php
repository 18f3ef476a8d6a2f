<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Motion\Leg;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A ramp as people give it: in per cent of its run, in photos, or in seconds.
 */
final class RampText
{
    /**
     * @return ?float share of the run, which may lie beyond 1; null when it cannot be read
     */
    public static function share(string $text, Plan $plan, Leg $leg): ?float
    {
        $moves = $leg->toIndex - $leg->fromIndex;
        if (preg_match('/^(.+?)\s*(?:p|ph|photos?|frames?)$/Di', trim($text), $part) === 1) {
            $photos = TypedText::number($part[1]);

            return $photos === null ? null : $photos / $moves;
        }
        if (preg_match('/(?:\d\s*(?:s|sec|m|min|h)|\d:\d\d)$/Di', trim($text)) === 1) {
            $seconds = TypedText::seconds($text);

            return $seconds === null ? null : $seconds / self::legSeconds(Schedule::of($plan), $leg);
        }

        return TypedText::percent($text);
    }

    /**
     * What the ramps of a run come to on site: per cent say little, and two conventions share the sign.
     *
     * @param ?Schedule $schedule null where there is no clock to tell seconds by
     */
    public static function told(Leg $leg, ?Schedule $schedule): string
    {
        [$in, $out] = $leg->rampPhotos();
        $span = static fn (float $share): string => $schedule === null ? '' : ' (' . PlainText::duration(self::seconds($schedule, $leg, $share)) . ')';

        return ($in === 0 ? 'a hard start' : PlainText::photos($in) . $span($leg->easing->rampIn) . ($in === 1 ? ' gathers' : ' gather') . ' speed') . ', '
            . ($out === 0 ? 'a hard stop' : PlainText::photos($out) . $span($leg->easing->rampOut) . ($out === 1 ? ' slows' : ' slow') . ' down');
    }

    /** How long a ramp takes on site, from where its run begins or to where it ends. */
    public static function seconds(Schedule $schedule, Leg $leg, float $share): float
    {
        return $share * self::legSeconds($schedule, $leg);
    }

    /** The run's photos at the shot's average interval, as the interval may change on the way. */
    private static function legSeconds(Schedule $schedule, Leg $leg): float
    {
        return ($leg->toIndex - $leg->fromIndex) * $schedule->summary->bookedSeconds / $schedule->photosTotal();
    }
}
