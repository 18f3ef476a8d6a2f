<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * The sun's apparent place, good to 0.01°. Meeus, Astronomical Algorithms, chapter 25.
 */
final class Sun implements Body
{
    private const KILOMETRES_PER_UNIT = 149_597_870.7;

    public function place(Instant $instant): Equatorial
    {
        $t = $instant->centuries;
        $nutation = new Nutation($t);
        $anomaly = self::anomaly($t);
        $eccentricity = 0.016708634 - 0.000042037 * $t - 0.0000001267 * $t ** 2;
        $centre = (1.914602 - 0.004817 * $t - 0.000014 * $t ** 2) * Angles::sin($anomaly)
            + (0.019993 - 0.000101 * $t) * Angles::sin(2.0 * $anomaly) + 0.000289 * Angles::sin(3.0 * $anomaly);
        $trueLongitude = 280.46646 + 36_000.76983 * $t + 0.0003032 * $t ** 2 + $centre;
        $distance = 1.000001018 * (1.0 - $eccentricity ** 2) / (1.0 + $eccentricity * Angles::cos($anomaly + $centre));
        // Light takes its time: the sun is seen where it was, 20.4898" behind at its mean distance.
        $apparent = $trueLongitude - 20.4898 / 3600.0 / $distance + $nutation->longitude;

        return Equatorial::ofEcliptic($apparent, 0.0, $nutation->trueObliquity, $distance * self::KILOMETRES_PER_UNIT);
    }

    /** Mean anomaly, degrees. */
    public static function anomaly(float $centuries): float
    {
        return 357.52911 + 35_999.05029 * $centuries - 0.0001537 * $centuries ** 2;
    }
}
