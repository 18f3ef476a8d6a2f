<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Looks for the smallest change of interval or exposure after which a schedule passes a test.
 *
 * Both searches halve a range of whole steps, which is right because the tests only get easier along it: a longer
 * interval or a shorter exposure never makes a photo late that was on time.
 */
final class Mending
{
    /** More than this cannot be won back by ISO and aperture without changing the picture. */
    private const MOST_STOPS_DARKER = 3.0;

    /** Cameras set exposure in thirds of a stop. */
    private const STOPS_PER_STEP = 1.0 / 3.0;

    /**
     * What brings every photo back on time: a longer interval, a shorter exposure, a shorter move, or none of the stops. Several checks
     * offer the same, so it is worked out once for a schedule.
     *
     * @return list<Remedy>
     */
    public static function onTime(Shot $shot): array
    {
        return $shot->fact(self::class, static function () use ($shot): array {
            $keepsTime = static fn (Plan $plan): bool => $shot->schedule->wouldKeepTime($plan);

            $inThatTime = array_filter([self::shorterExposure($shot, $keepsTime), ShorterMove::onTime($shot), ShorterMove::continuous($shot)]);

            return array_values(array_filter([
                self::longerInterval($shot, $keepsTime),
                ...($inThatTime === [] ? [ShorterMove::together($shot)] : array_values($inThatTime)),
            ]));
        });
    }

    /**
     * The same photos, further apart: keeps clip and exposure.
     *
     * @param callable(Plan): bool $passes
     */
    public static function longerInterval(Shot $shot, callable $passes): ?Remedy
    {
        $plan = $shot->plan;
        $interval = $plan->timing->interval;
        $step = $plan->trigger->resolutionSeconds();
        $most = (int) ceil(KeyedSeconds::MOST_SECONDS / $step);
        $mended = self::smallestThatPasses(
            $most,
            static fn (int $steps): Plan => $plan->withInterval(self::lengthened($interval, $steps, $step)),
            $passes,
        );
        if ($mended === null) {
            return null;
        }
        return new Remedy(
            'interval',
            match (true) {
                !$interval->isConstant() => new Message('checks.mending.longer', [
                    'longest' => Quantity::seconds($mended->timing->interval->longest() - $interval->longest()),
                ]),
                default => new Message($plan->timing->intervalMeans === IntervalMeaning::Gap ? 'checks.mending.pause' : 'fixes.interval_s', [
                    'seconds' => $mended->timing->interval->longest(),
                ]),
            },
            '',
            $mended,
        );
    }

    /**
     * The same interval, a shorter exposure: keeps clip and shooting time. Null when that does not help, or makes the
     * photos too dark.
     *
     * @param callable(Plan): bool $passes
     */
    public static function shorterExposure(Shot $shot, callable $passes): ?Remedy
    {
        $plan = $shot->plan;
        $exposure = $plan->timing->exposure;
        $most = (int) round(self::MOST_STOPS_DARKER / self::STOPS_PER_STEP);
        $shortened = static fn (int $steps): Plan => Exposing::changed(
            $plan,
            static fn (float $seconds): float => $seconds * 2.0 ** (-$steps * self::STOPS_PER_STEP),
            true,
        ) ?? throw new InvalidInput([new Problem('/timing/exposure_s', new Message('checks.mending.no_shorter'))]);
        $mended = self::smallestThatPasses($most, $shortened, $passes);
        if ($mended === null) {
            return null;
        }
        [$mended, $light] = Exposing::madeUpFor($shot, $mended);
        $longest = $mended->timing->exposure->longest();

        return new Remedy(
            'exposure',
            $exposure->isConstant()
                ? new Message('fixes.expose', ['told' => Exposing::told($plan, $longest)])
                : new Message('fixes.shorten_exposures', ['stops' => Quantity::stops(log($exposure->longest() / $longest, 2))]),
            $light,
            $mended,
        );
    }

    private static function lengthened(KeyedSeconds $interval, int $steps, float $step): KeyedSeconds
    {
        if (!$interval->isConstant()) {
            return $interval->map(static fn (float $seconds): float => round($seconds + $steps * $step, 9));
        }

        // A constant goes up to the next settings that the timer has.
        return $interval->map(static fn (float $seconds): float => round(
            (floor(round($seconds / $step, 6)) + $steps) * $step,
            9,
        ));
    }

    /**
     * @param callable(int): Plan  $change
     * @param callable(Plan): bool $passes
     */
    private static function smallestThatPasses(int $most, callable $change, callable $passes): ?Plan
    {
        $try = static function (int $steps) use ($change, $passes): ?Plan {
            try {
                $plan = $change($steps);
            } catch (InvalidInput) {
                return null;
            }

            return $passes($plan) ? $plan : null;
        };
        // Double the step until it passes, then halve the gap: most answers are near.
        $low = 0;
        $high = 1;
        $found = $try($high);
        while ($found === null && $high < $most) {
            $low = $high;
            $high = min($most, $high * 2);
            $found = $try($high);
        }
        while ($found !== null && $high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $plan = $try($middle);
            $low = $plan === null ? $middle : $low;
            $high = $plan === null ? $high : $middle;
            $found = $plan ?? $found;
        }

        return $found;
    }
}
