<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * A place in the sky by right ascension and declination, in degrees, referred to the equator of its date.
 */
final readonly class Equatorial
{
    public const FAR_AWAY_KILOMETRES = INF;

    /**
     * @param float $distanceKilometres INF for a star
     */
    public function __construct(public float $rightAscension, public float $declination, public float $distanceKilometres = self::FAR_AWAY_KILOMETRES)
    {
    }

    /**
     * From ecliptic longitude and latitude. Meeus, Astronomical Algorithms, 13.3 and 13.4.
     *
     * @param float $longitude degrees, as are the others
     */
    public static function ofEcliptic(float $longitude, float $latitude, float $obliquity, float $distanceKilometres): self
    {
        return new self(
            Angles::turn(rad2deg(atan2(
                Angles::sin($longitude) * Angles::cos($obliquity) - tan(deg2rad($latitude)) * Angles::sin($obliquity),
                Angles::cos($longitude),
            ))),
            rad2deg(asin(Angles::sin($latitude) * Angles::cos($obliquity) + Angles::cos($latitude) * Angles::sin($obliquity) * Angles::sin($longitude))),
            $distanceKilometres,
        );
    }

    /** The angle in the sky to another place, degrees. */
    public function separation(self $other): float
    {
        $cosine = Angles::sin($this->declination) * Angles::sin($other->declination)
            + Angles::cos($this->declination) * Angles::cos($other->declination) * Angles::cos($this->rightAscension - $other->rightAscension);

        return rad2deg(acos(max(-1.0, min(1.0, $cosine))));
    }
}
