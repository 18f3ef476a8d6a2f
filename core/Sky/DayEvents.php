<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * What sun and moon do at a place in a calendar day.
 */
final readonly class DayEvents
{
    /** The sun's centre when its upper limb shows: half its disk and what the air lifts at the horizon. */
    public const SUN_RISES_DEGREES = -0.833;

    /** Sun's altitudes at which the twilights end. */
    public const TWILIGHTS = ['civil' => -6.0, 'nautical' => -12.0, 'astronomical' => -18.0];

    /** What the air lifts at the horizon: 34 minutes of arc. */
    private const HORIZON_REFRACTION_DEGREES = 34.0 / 60.0;

    /**
     * @param ?string                                           $sunAlways   "up" or "down" where the sun neither rises nor sets
     * @param array<string, array{dawn: ?Instant, dusk: ?Instant}> $twilight by its name: civil, nautical, astronomical
     * @param float                                             $litFraction of the moon at noon, 0…1
     * @param list<array{Instant, Instant}>                     $darkWindows sun below -18°, moon down and the galactic centre
     *                                                                       above the height asked for
     */
    private function __construct(
        public ?Instant $sunRise,
        public ?Instant $sunTransit,
        public ?Instant $sunSet,
        public ?string $sunAlways,
        public array $twilight,
        public ?Instant $moonRise,
        public ?Instant $moonSet,
        public float $litFraction,
        public array $darkWindows,
    ) {
    }

    /**
     * @param ?float $targetDegrees how high the galactic centre has to stand in a dark window; null for wherever it stands
     * @param Horizon $horizon      that it has to stand clear of too, where a height is asked for
     */
    public static function at(Observer $observer, LocalDay $day, ?float $targetDegrees = null, ?Horizon $horizon = null): self
    {
        $horizon ??= Horizon::flat();
        $sun = new Interpolated(new Sun());
        $moon = new Interpolated(new Moon());
        $sunAbove = static fn (float $degrees): callable => static fn (Instant $instant): float => $observer->horizontal($sun, $instant)->altitude - $degrees;
        $moonUp = static fn (Instant $instant): float => self::moonAboveHorizon($observer, $instant, $moon);
        $rising = Crossings::within($day->begins, $day->ends, $sunAbove(self::SUN_RISES_DEGREES));
        $noon = self::noon($day);
        $twilight = [];
        $crossings = [];
        foreach (self::TWILIGHTS as $name => $degrees) {
            $crossings = Crossings::within($day->begins, $day->ends, $sunAbove($degrees));
            $twilight[$name] = ['dawn' => self::firstCrossing($crossings, true), 'dusk' => self::firstCrossing($crossings, false)];
        }
        $moonCrossings = Crossings::within($day->begins, $day->ends, $moonUp);
        $target = new Interpolated(Star::galacticCentre());
        $targetAbove = static fn (Instant $instant): float => $targetDegrees === null
            ? 1.0
            : self::clear($observer->horizontal($target, $instant), $targetDegrees, $horizon);
        // The astronomical twilight's crossings were found last.
        $changes = [...$crossings, ...$moonCrossings, ...Crossings::within($day->begins, $day->ends, $targetAbove)];
        $isDark = static fn (Instant $instant): bool => $sunAbove(self::TWILIGHTS['astronomical'])($instant) < 0.0
            && $moonUp($instant) < 0.0 && $targetAbove($instant) >= 0.0;

        return new self(
            self::firstCrossing($rising, true),
            self::transit($observer, $day, $sun),
            self::firstCrossing($rising, false),
            $rising !== [] ? null : ($sunAbove(self::SUN_RISES_DEGREES)($noon) < 0.0 ? 'down' : 'up'),
            $twilight,
            self::firstCrossing($moonCrossings, true),
            self::firstCrossing($moonCrossings, false),
            Moon::litFraction(Moon::phaseAngle($moon->place($noon), $sun->place($noon))),
            self::windows($day->begins, $day->ends, array_column($changes, 0), $isDark),
        );
    }

    /**
     * The dark hours of the night that follows a day: from its noon to the next, sun below -18° and moon down.
     *
     * @return list<array{Instant, Instant}>
     */
    public static function darkNight(Observer $observer, LocalDay $day): array
    {
        $sun = new Interpolated(new Sun());
        $moon = new Interpolated(new Moon());

        return self::fromNoonToNoon($day, [
            static fn (Instant $instant): float => self::TWILIGHTS['astronomical'] - $observer->horizontal($sun, $instant)->altitude,
            static fn (Instant $instant): float => -self::moonAboveHorizon($observer, $instant, $moon),
        ]);
    }

    /**
     * When a target is above the horizon in the night that follows a day: from its noon to the next.
     *
     * @param ?Horizon $horizon around the place; null for a level one
     *
     * @return list<array{Instant, Instant}>
     */
    public static function upThatNight(Observer $observer, LocalDay $day, Target $target, ?Horizon $horizon = null): array
    {
        $body = new Interpolated($target->body());
        $horizon ??= Horizon::flat();

        return self::fromNoonToNoon($day, [static fn (Instant $instant): float => $horizon->above($observer->horizontal($body, $instant))]);
    }

    /** By how many degrees a target stands above a height and clear of the land. */
    private static function clear(Horizontal $place, float $degrees, Horizon $horizon): float
    {
        return $horizon->isFlat() ? $place->altitude - $degrees : min($place->altitude - $degrees, $horizon->above($place));
    }

    /**
     * @param non-empty-list<callable(Instant): float> $quantities
     *
     * @return list<array{Instant, Instant}> while all of them are above zero
     */
    private static function fromNoonToNoon(LocalDay $day, array $quantities): array
    {
        [$from, $until] = [self::noon($day), self::noon($day->next())];
        $changes = [];
        foreach ($quantities as $quantity) {
            $changes = [...$changes, ...array_column(Crossings::within($from, $until, $quantity), 0)];
        }

        return self::windows($from, $until, $changes, static function (Instant $instant) use ($quantities): bool {
            foreach ($quantities as $quantity) {
                if ($quantity($instant) <= 0.0) {
                    return false;
                }
            }

            return true;
        });
    }

    /** Half way through it, which is noon on most days. */
    private static function noon(LocalDay $day): Instant
    {
        return new Instant(($day->begins->unixSeconds + $day->ends->unixSeconds) / 2.0);
    }

    /** The moon's upper limb above the horizon, air included, degrees. */
    public static function moonAboveHorizon(Observer $observer, Instant $instant, Body $moon = new Moon()): float
    {
        return $observer->horizontal($moon, $instant)->altitude + self::HORIZON_REFRACTION_DEGREES + Moon::semidiameter($moon->place($instant));
    }

    private static function transit(Observer $observer, LocalDay $day, Body $sun): ?Instant
    {
        $past = static fn (Instant $instant): float => $observer->hourAngle($sun->place($instant), $instant);
        foreach (Crossings::within($day->begins, $day->ends, $past) as [$instant, $rising]) {
            // At midnight the hour angle jumps from 180 to -180, which is no transit.
            if ($rising && abs($past($instant)) < 90.0) {
                return $instant;
            }
        }

        return null;
    }

    /**
     * @param list<array{Instant, bool}> $crossings
     */
    private static function firstCrossing(array $crossings, bool $rising): ?Instant
    {
        foreach ($crossings as [$instant, $rises]) {
            if ($rises === $rising) {
                return $instant;
            }
        }

        return null;
    }

    /**
     * @param list<Instant>           $changes when anything changes, in no order
     * @param callable(Instant): bool $holds
     *
     * @return list<array{Instant, Instant}>
     */
    private static function windows(Instant $from, Instant $until, array $changes, callable $holds): array
    {
        $times = [$from->unixSeconds, ...array_map(static fn (Instant $instant): float => $instant->unixSeconds, $changes), $until->unixSeconds];
        sort($times);
        $windows = [];
        $open = null;
        for ($i = 0; $i < count($times) - 1; $i++) {
            $dark = $times[$i + 1] > $times[$i] && $holds(new Instant(($times[$i] + $times[$i + 1]) / 2.0));
            if ($dark) {
                $open ??= $times[$i];
            } elseif ($open !== null && $times[$i + 1] > $times[$i]) {
                $windows[] = [new Instant($open), new Instant($times[$i])];
                $open = null;
            }
        }
        if ($open !== null) {
            $windows[] = [new Instant($open), $until];
        }

        return $windows;
    }
}
