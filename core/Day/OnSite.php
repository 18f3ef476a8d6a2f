<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * The time on site: from arriving to leaving, with setting up, the wait, the shooting and packing.
 */
final class OnSite
{
    private const SECONDS_PER_MINUTE = 60.0;
    private const LEAST_SHOOTING_SECONDS = 1.0;

    /**
     * As it stands, such as "1 h 12 min".
     *
     * @param float $bookedSeconds of the shot: its wait and all its intervals
     */
    public static function text(float $bookedSeconds, int $setupMinutes, int $teardownMinutes): string
    {
        return PlainText::span(($setupMinutes + $teardownMinutes) * self::SECONDS_PER_MINUTE + $bookedSeconds);
    }

    /** What a shot books of the clock: its wait and all its intervals. */
    public static function bookedSeconds(Plan $plan): float
    {
        return $plan->timing->startDelaySeconds + Schedule::bookedSeconds($plan);
    }

    /**
     * The shooting time that is left of a time on site.
     *
     * @param string $typed such as "2 h" or "90 min"
     *
     * @return string as it would be typed
     *
     * @throws InvalidInput by /on_site
     */
    public static function shooting(Plan $plan, string $typed, int $setupMinutes, int $teardownMinutes): string
    {
        $whole = TypedText::seconds($typed);
        if ($whole === null || $whole <= 0.0) {
            throw new InvalidInput([new Problem('/on_site', new Message('day.on_site.time'))]);
        }
        $around = self::around($plan, $setupMinutes, $teardownMinutes);
        if ($whole - $around < self::LEAST_SHOOTING_SECONDS) {
            throw new InvalidInput([new Problem('/on_site', new Message('day.on_site.too_short', ['around' => Quantity::duration($around)]))]);
        }

        return PlainText::span($whole - $around);
    }

    private static function around(Plan $plan, int $setupMinutes, int $teardownMinutes): float
    {
        return ($setupMinutes + $teardownMinutes) * self::SECONDS_PER_MINUTE + $plan->timing->startDelaySeconds;
    }
}
