<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeImmutable;

/**
 * A moment, in the scales that positions in the sky are worked out from.
 */
final readonly class Instant
{
    private const UNIX_EPOCH_JULIAN_DAY = 2_440_587.5;
    private const J2000 = 2_451_545.0;
    private const DAYS_PER_CENTURY = 36_525.0;
    private const SECONDS_PER_DAY = 86_400.0;

    /** Julian day in universal time: what the Earth's turning follows. */
    public float $julianDay;

    /** Julian centuries from J2000.0 in dynamical time: what bodies' motions follow. */
    public float $centuries;

    /**
     * @param float $unixSeconds UTC, from 1970-01-01T00:00:00Z
     */
    public function __construct(public float $unixSeconds)
    {
        $this->julianDay = $unixSeconds / self::SECONDS_PER_DAY + self::UNIX_EPOCH_JULIAN_DAY;
        $dynamical = $this->julianDay + self::deltaTSeconds($this->julianDay) / self::SECONDS_PER_DAY;
        $this->centuries = ($dynamical - self::J2000) / self::DAYS_PER_CENTURY;
    }

    /** "2027-03-23T18:10:05Z", to the second. */
    public function utcText(): string
    {
        return (new DateTimeImmutable('@' . (int) round($this->unixSeconds)))->format('Y-m-d\TH:i:s\Z');
    }

    public function plusSeconds(float $seconds): self
    {
        return new self($this->unixSeconds + $seconds);
    }

    /**
     * Mean sidereal time at Greenwich, degrees in 0…360. Meeus, Astronomical Algorithms, 12.4.
     */
    public function meanSiderealDegrees(): float
    {
        $days = $this->julianDay - self::J2000;
        $t = $days / self::DAYS_PER_CENTURY;

        return Angles::turn(280.46061837 + 360.98564736629 * $days + 0.000387933 * $t ** 2 - $t ** 3 / 38_710_000.0);
    }

    /**
     * Dynamical less universal time, by the polynomials of Espenak and Meeus (Five Millennium Canon of Solar Eclipses, 2006),
     * for 1941 to 2150.
     */
    private static function deltaTSeconds(float $julianDay): float
    {
        $year = 2000.0 + ($julianDay - self::J2000) / 365.25;
        if ($year < 1961.0) {
            $t = $year - 1950.0;

            return 29.07 + 0.407 * $t - $t ** 2 / 233.0 + $t ** 3 / 2547.0;
        }
        if ($year < 1986.0) {
            $t = $year - 1975.0;

            return 45.45 + 1.067 * $t - $t ** 2 / 260.0 - $t ** 3 / 718.0;
        }
        if ($year < 2005.0) {
            $t = $year - 2000.0;

            return 63.86 + 0.3345 * $t - 0.060374 * $t ** 2 + 0.0017275 * $t ** 3 + 0.000651814 * $t ** 4 + 0.00002373599 * $t ** 5;
        }
        $t = $year - 2000.0;

        return $year < 2050.0
            ? 62.92 + 0.32217 * $t + 0.005589 * $t ** 2
            : -20.0 + 32.0 * (($year - 1820.0) / 100.0) ** 2 - 0.5628 * (2150.0 - $year);
    }
}
