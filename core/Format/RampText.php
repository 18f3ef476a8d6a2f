<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Leg;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
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
    public static function told(Leg $leg, ?Schedule $schedule): Text|string
    {
        [$in, $out] = $leg->rampPhotos();
        $ramp = static fn (string $key, int $photos, float $share): Message => new Message("motion.ramp_text.{$key}", [
            'count' => $photos,
            'span' => $schedule === null ? '' : new Message('motion.ramp_text.span', [
                'duration' => Quantity::duration(self::seconds($schedule, $leg, $share)),
            ]),
        ]);

        return Joined::of([
            $in === 0 ? new Message('motion.ramp_text.hard_start') : $ramp('in', $in, $leg->easing->rampIn),
            $out === 0 ? new Message('motion.ramp_text.hard_stop') : $ramp('out', $out, $leg->easing->rampOut),
        ], Joined::COMMA);
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
