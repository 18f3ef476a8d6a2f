<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * The Earth's axis: how it nods, and how far it leans to the ecliptic. Meeus, Astronomical Algorithms, chapter 22: the main
 * terms, good to half a second of arc in longitude.
 */
final class Nutation
{
    private const DEGREES_PER_ARCSECOND = 1.0 / 3600.0;

    /** Degrees. */
    public readonly float $longitude;
    public readonly float $trueObliquity;

    public function __construct(float $centuries)
    {
        $node = 125.04452 - 1934.136261 * $centuries;
        $sun = 280.4665 + 36_000.7698 * $centuries;
        $moon = 218.3165 + 481_267.8813 * $centuries;
        $this->longitude = self::DEGREES_PER_ARCSECOND
            * (-17.20 * Angles::sin($node) - 1.32 * Angles::sin(2.0 * $sun) - 0.23 * Angles::sin(2.0 * $moon) + 0.21 * Angles::sin(2.0 * $node));
        $obliquity = self::DEGREES_PER_ARCSECOND
            * (9.20 * Angles::cos($node) + 0.57 * Angles::cos(2.0 * $sun) + 0.10 * Angles::cos(2.0 * $moon) - 0.09 * Angles::cos(2.0 * $node));
        $this->trueObliquity = 23.0 + 26.0 / 60.0 + self::DEGREES_PER_ARCSECOND
            * (21.448 - 46.8150 * $centuries - 0.00059 * $centuries ** 2 + 0.001813 * $centuries ** 3) + $obliquity;
    }
}
