<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Problems;

/**
 * A place on the Earth from which the sky is seen.
 */
final readonly class Observer
{
    private const EARTH_KILOMETRES = 6_378.14;
    private const POLAR_TO_EQUATORIAL = 0.99664719;

    /**
     * @param float $latitude        degrees, north above zero
     * @param float $longitude       degrees, east above zero
     * @param float $elevationMetres above the sea
     *
     * @throws \Evrent\Core\InvalidInput
     */
    public function __construct(public float $latitude, public float $longitude, public float $elevationMetres = 0.0)
    {
        $problems = new Problems();
        $problems->unlessBetween($latitude, -90, 90, '/lat', 'a latitude in degrees');
        $problems->unlessBetween($longitude, -180, 180, '/lon', 'a longitude in degrees');
        $problems->unlessBetween($elevationMetres, -500, 9_000, '/elevation', 'an elevation in metres');
        $problems->throwIfAny();
    }

    /** Where a body stands, airless, seen from here and not from the Earth's centre. */
    public function horizontal(Body $body, Instant $instant): Horizontal
    {
        $place = $body->place($instant);
        $hourAngle = $this->hourAngle($place, $instant);
        if ($place->distanceKilometres === Equatorial::FAR_AWAY_KILOMETRES) {
            return self::turned($hourAngle, $place->declination, $this->latitude);
        }
        [$hourAngle, $declination] = $this->topocentric($hourAngle, $place);

        return self::turned($hourAngle, $declination, $this->latitude);
    }

    /** From the meridian westward, degrees in -180…180. */
    public function hourAngle(Equatorial $place, Instant $instant): float
    {
        $nutation = Nutation::near($instant->centuries);
        $sidereal = $instant->meanSiderealDegrees() + $nutation->longitude * Angles::cos($nutation->trueObliquity);

        return Angles::half($sidereal + $this->longitude - $place->rightAscension);
    }

    /**
     * Parallax. Meeus, Astronomical Algorithms, 11 (the Earth's figure), 40.6 and 40.7 by rectangular coordinates.
     *
     * @return array{float, float} hour angle and declination, degrees
     */
    private function topocentric(float $hourAngle, Equatorial $place): array
    {
        $u = rad2deg(atan(self::POLAR_TO_EQUATORIAL * tan(deg2rad($this->latitude))));
        $height = $this->elevationMetres / 1_000.0 / self::EARTH_KILOMETRES;
        $north = self::POLAR_TO_EQUATORIAL * Angles::sin($u) + $height * Angles::sin($this->latitude);
        $outward = Angles::cos($u) + $height * Angles::cos($this->latitude);
        $distance = $place->distanceKilometres / self::EARTH_KILOMETRES;
        $x = $distance * Angles::cos($place->declination) * Angles::cos($hourAngle) - $outward;
        $y = $distance * Angles::cos($place->declination) * Angles::sin($hourAngle);
        $z = $distance * Angles::sin($place->declination) - $north;

        return [rad2deg(atan2($y, $x)), rad2deg(atan2($z, hypot($x, $y)))];
    }

    /**
     * Meeus, 13.5 and 13.6, with the azimuth counted from north.
     */
    private static function turned(float $hourAngle, float $declination, float $latitude): Horizontal
    {
        return new Horizontal(
            Angles::turn(180.0 + rad2deg(atan2(
                Angles::sin($hourAngle),
                Angles::cos($hourAngle) * Angles::sin($latitude) - tan(deg2rad($declination)) * Angles::cos($latitude),
            ))),
            rad2deg(asin(Angles::sin($latitude) * Angles::sin($declination) + Angles::cos($latitude) * Angles::cos($declination) * Angles::cos($hourAngle))),
        );
    }
}
