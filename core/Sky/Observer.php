<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * A place on the Earth from which the sky is seen.
 */
final readonly class Observer
{
    private const EARTH_KILOMETRES = 6_378.14;
    private const POLAR_TO_EQUATORIAL = 0.99664719;

    private float $sinLatitude;
    private float $cosLatitude;

    /** From the Earth's centre, in equatorial radii: out from the axis, and north. Meeus, Astronomical Algorithms, 11. */
    private float $outward;
    private float $north;

    /**
     * @param float $latitude        degrees, north above zero
     * @param float $longitude       degrees, east above zero
     * @param float $elevationMetres above the sea
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public float $latitude, public float $longitude, public float $elevationMetres = 0.0)
    {
        $problems = new Problems();
        $problems->unlessBetween($latitude, -90, 90, '/lat', new Message('what.latitude'));
        $problems->unlessBetween($longitude, -180, 180, '/lon', new Message('what.longitude'));
        $problems->unlessBetween($elevationMetres, -500, 9_000, '/elevation', new Message('what.elevation'));
        $problems->throwIfAny();
        $this->sinLatitude = Angles::sin($latitude);
        $this->cosLatitude = Angles::cos($latitude);
        $u = rad2deg(atan(self::POLAR_TO_EQUATORIAL * tan(deg2rad($latitude))));
        $height = $elevationMetres / 1_000.0 / self::EARTH_KILOMETRES;
        $this->north = self::POLAR_TO_EQUATORIAL * Angles::sin($u) + $height * $this->sinLatitude;
        $this->outward = Angles::cos($u) + $height * $this->cosLatitude;
    }

    /**
     * Where a body stands, airless, seen from here and not from the Earth's centre.
     *
     * @param ?Nutation $nutation within the hour, where it is known
     */
    public function horizontal(Body $body, Instant $instant, ?Nutation $nutation = null): Horizontal
    {
        $place = $body->place($instant);
        $hourAngle = $this->hourAngle($place, $instant, $nutation);
        if ($place->distanceKilometres === Equatorial::FAR_AWAY_KILOMETRES) {
            return $this->turned($hourAngle, $place->declination);
        }
        [$hourAngle, $declination] = $this->topocentric($hourAngle, $place);

        return $this->turned($hourAngle, $declination);
    }

    /** From the meridian westward, degrees in -180…180. */
    public function hourAngle(Equatorial $place, Instant $instant, ?Nutation $nutation = null): float
    {
        $nutation ??= new Nutation($instant->centuries);
        $sidereal = $instant->meanSiderealDegrees() + $nutation->longitude * Angles::cos($nutation->trueObliquity);

        return Angles::half($sidereal + $this->longitude - $place->rightAscension);
    }

    /**
     * Parallax. Meeus, Astronomical Algorithms, 40.6 and 40.7 by rectangular coordinates.
     *
     * @return array{float, float} hour angle and declination, degrees
     */
    private function topocentric(float $hourAngle, Equatorial $place): array
    {
        $distance = $place->distanceKilometres / self::EARTH_KILOMETRES;
        $across = $distance * Angles::cos($place->declination);
        $x = $across * Angles::cos($hourAngle) - $this->outward;
        $y = $across * Angles::sin($hourAngle);
        $z = $distance * Angles::sin($place->declination) - $this->north;

        return [rad2deg(atan2($y, $x)), rad2deg(atan2($z, hypot($x, $y)))];
    }

    /**
     * Meeus, 13.5 and 13.6, with the azimuth counted from north.
     */
    private function turned(float $hourAngle, float $declination): Horizontal
    {
        $cosHourAngle = Angles::cos($hourAngle);

        return new Horizontal(
            Angles::turn(180.0 + rad2deg(atan2(
                Angles::sin($hourAngle),
                $cosHourAngle * $this->sinLatitude - tan(deg2rad($declination)) * $this->cosLatitude,
            ))),
            rad2deg(asin($this->sinLatitude * Angles::sin($declination) + $this->cosLatitude * Angles::cos($declination) * $cosHourAngle)),
        );
    }
}
