<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * A place among the stars by its right ascension and declination at J2000.0, precessed and nodded to the date. What the
 * Earth's own speed adds (up to 20") is left out.
 */
final readonly class Star implements Body
{
    /**
     * @param float $rightAscension J2000.0, degrees
     * @param float $declination    J2000.0, degrees
     */
    public function __construct(private float $rightAscension, private float $declination)
    {
    }

    /** The middle of the Milky Way: 17h 45m 40.04s, -29° 00' 28.1". */
    public static function galacticCentre(): self
    {
        return new self((17.0 + 45.0 / 60.0 + 40.04 / 3600.0) * 15.0, -(29.0 + 28.1 / 3600.0));
    }

    public function place(Instant $instant): Equatorial
    {
        $mean = $this->precessed($instant->centuries);
        $nutation = new Nutation($instant->centuries);
        $obliquity = $nutation->trueObliquity;
        // Through the ecliptic, along which the equinox nods (Meeus, 13.1 and 13.2).
        $longitude = rad2deg(atan2(
            Angles::sin($mean->rightAscension) * Angles::cos($obliquity) + tan(deg2rad($mean->declination)) * Angles::sin($obliquity),
            Angles::cos($mean->rightAscension),
        ));
        $latitude = rad2deg(asin(
            Angles::sin($mean->declination) * Angles::cos($obliquity)
                - Angles::cos($mean->declination) * Angles::sin($obliquity) * Angles::sin($mean->rightAscension),
        ));

        return Equatorial::ofEcliptic($longitude + $nutation->longitude, $latitude, $obliquity, Equatorial::FAR_AWAY_KILOMETRES);
    }

    /**
     * Precession from J2000.0. Meeus, Astronomical Algorithms, 21.3 and 21.4.
     */
    public function precessed(float $centuries): Equatorial
    {
        $t = $centuries;
        $zeta = (2306.2181 * $t + 0.30188 * $t ** 2 + 0.017998 * $t ** 3) / 3600.0;
        $z = (2306.2181 * $t + 1.09468 * $t ** 2 + 0.018203 * $t ** 3) / 3600.0;
        $theta = (2004.3109 * $t - 0.42665 * $t ** 2 - 0.041833 * $t ** 3) / 3600.0;
        $up = Angles::sin($this->declination);
        $toward = Angles::cos($this->declination) * Angles::cos($this->rightAscension + $zeta);
        $a = Angles::cos($this->declination) * Angles::sin($this->rightAscension + $zeta);
        $b = Angles::cos($theta) * $toward - Angles::sin($theta) * $up;
        $c = Angles::sin($theta) * $toward + Angles::cos($theta) * $up;

        return new Equatorial(Angles::turn(rad2deg(atan2($a, $b)) + $z), rad2deg(asin($c)));
    }
}
