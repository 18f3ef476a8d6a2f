<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;

/**
 * When a window of the day is open at a place, day after day: worked out as far as it is asked for.
 */
final class Openings
{
    /** Beyond a polar night. */
    private const LOOK_AHEAD_DAYS = 200;

    private const DAY_SECONDS = 86_400.0;
    private const DECIMALS = 3;

    /** @var array<string, ?array{float, float}> seconds since 1970, from and until, by date; null where it does not open */
    private array $spans = [];

    /** @var ?array{float, float} the span that was found last */
    private ?array $open = null;

    /** @var array<string, Instant> what was found last of either end */
    private array $last = [];

    private readonly DateTimeZone $zone;

    public function __construct(private readonly Site $site, private readonly DayWindow $window)
    {
        $this->zone = new DateTimeZone($site->zone);
    }

    /**
     * The moment itself where the window is open, else when it opens next.
     *
     * @return ?float seconds since 1970; null where it opens no more within half a year
     */
    public function next(float $unixSeconds): ?float
    {
        if ($this->open !== null && $unixSeconds >= $this->open[0] && $unixSeconds <= $this->open[1]) {
            return $unixSeconds;
        }
        $today = (new DateTimeImmutable('@' . (int) floor($unixSeconds)))->setTimezone($this->zone);
        // The night before may still be open.
        for ($day = -1; $day <= self::LOOK_AHEAD_DAYS; $day++) {
            $date = $today->modify("{$day} days")->format('Y-m-d');
            if ($date > LocalDay::LAST_YEAR . '-12-30') {
                return null;
            }
            $span = $this->span($date);
            if ($span !== null && $unixSeconds <= $span[1]) {
                $this->open = $span;

                return max($unixSeconds, $span[0]);
            }
        }

        return null;
    }

    /**
     * An interval, made longer by the pause that begins in it.
     *
     * @param float $unixSeconds of the photo that it follows
     */
    public function interval(float $unixSeconds, float $intervalSeconds): float
    {
        $next = $this->next($unixSeconds + $intervalSeconds);

        // Without a pause it is the very interval, and with one to the millisecond: seconds since 1970 are not as exact.
        return $next === null || $next <= $unixSeconds + $intervalSeconds ? $intervalSeconds : round($next - $unixSeconds, self::DECIMALS);
    }

    /**
     * @return ?array{float, float}
     */
    private function span(string $date): ?array
    {
        if (!array_key_exists($date, $this->spans)) {
            $this->spans[$date] = $this->found($date);
        }

        return $this->spans[$date];
    }

    /**
     * @return ?array{float, float}
     */
    private function found(string $date): ?array
    {
        $site = $this->site->on($date);
        [$from, $until] = [$this->instant($site, $this->window->from, 'from'), $this->instant($site, $this->window->until, 'until')];
        if ($from === null && $until === null) {
            return $this->isUpAllDay($site) ? [$site->day->begins->unixSeconds, $site->day->ends->unixSeconds] : null;
        }
        if ($from === null || $until === null) {
            return null;
        }
        if ($until->unixSeconds <= $from->unixSeconds) {
            $until = $this->instant($this->site->on($this->dayAfter($date)), $this->window->until, 'until');
        }

        return $until === null ? null : [$from->unixSeconds, $until->unixSeconds];
    }

    private function dayAfter(string $date): string
    {
        return (new DateTimeImmutable($date))->modify('1 day')->format('Y-m-d');
    }

    private function instant(Site $site, Start $start, string $end): ?Instant
    {
        $last = $this->last[$end] ?? null;
        $found = $start->instant($site, $last?->plusSeconds(
            self::DAY_SECONDS * round(($site->day->begins->unixSeconds - $last->unixSeconds + self::DAY_SECONDS / 2.0) / self::DAY_SECONDS),
        ));
        if ($found !== null) {
            $this->last[$end] = $found;
        }

        return $found;
    }

    /** A sun that does not set all day leaves a window from sunrise to sunset open throughout; one that does not rise never opens it. */
    private function isUpAllDay(Site $site): bool
    {
        if ($this->window->from->event->target() !== Target::Sun || !$this->window->from->event->rises()) {
            return false;
        }
        $noon = $site->observer->horizontal(new Sun(), new Instant(($site->day->begins->unixSeconds + $site->day->ends->unixSeconds) / 2.0));

        return $this->window->from->event->isOverHorizon()
            ? $site->skyline->limbAbove($noon) > 0.0
            : $noon->altitude > $this->window->from->threshold();
    }
}
