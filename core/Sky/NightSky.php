<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Stars, the band of the Milky Way and the moon's phase as they are seen from a place, for a finder to draw: where they stand at one moment, and how the
 * sky turns from there. The air's lift is left out.
 */
final readonly class NightSky
{
    /** The sun stands so far below the horizon when the first stars are seen, and when all that the eye sees are there: civil and nautical dusk. */
    public const STARS_FROM_DEGREES = -6.0;
    public const DARK_FROM_DEGREES = -12.0;

    /** A mean sidereal day is 86,164.0905 s. */
    private const TURN_DEGREES_PER_SECOND = 360.0 / 86_164.0905;

    /** North pole of the galaxy at J2000.0, and the galactic longitude of the celestial pole: Hipparcos catalogue, volume 1, 1.5.11. */
    private const POLE_RIGHT_ASCENSION = 192.85948;
    private const POLE_DECLINATION = 27.12825;
    private const CELESTIAL_POLE_LONGITUDE = 122.93192;

    private const BAND_STEP = 10;

    /** Half as wide as the band is seen, broader at the galaxy's middle. */
    private const HALF_BAND = 7.0;
    private const HALF_BULGE = 5.0;
    private const BULGE_REACHES = 40.0;
    private const DECIMALS = 2;

    /**
     * @param Instant $instant of the first photo
     * @param Instant $middle  of the run, for the moon's phase
     * @param float   $facing  bearing of the camera with its pan at 0
     */
    public function __construct(private Observer $observer, private Instant $instant, private Instant $middle, private float $facing)
    {
    }

    /**
     * @return array{
     *     stars: list<array{float, float, float}>, band: list<array{float, float, float, float}>, pole: array{float, float}, turn_deg_per_s: float,
     *     moon: array{lit: float, limb_deg: float},
     * } stars: degrees to the right of pan 0 and up, and magnitude; band: its two edges along the galaxy, each to the right and up; moon: how much of the
     *   disk is lit, and where its bright limb points, clockwise from up
     */
    public function drawn(): array
    {
        $stars = [];
        foreach (BrightStars::ALL as [$rightAscension, $declination, $magnitude]) {
            $stars[] = [...$this->seen(new Star($rightAscension, $declination)), $magnitude];
        }

        return [
            'stars' => $stars,
            'band' => $this->band(),
            'pole' => [round(-$this->facing, self::DECIMALS), $this->observer->latitude],
            'turn_deg_per_s' => self::TURN_DEGREES_PER_SECOND,
            'moon' => $this->moon(),
        ];
    }

    /** @return array{float, float} degrees to the right of pan 0, and up */
    private function seen(Star $star): array
    {
        $place = $this->observer->horizontal($star, $this->instant);

        return [round(Angles::half($place->azimuth - $this->facing), self::DECIMALS), round($place->altitude, self::DECIMALS)];
    }

    /**
     * @return list<array{float, float, float, float}>
     */
    private function band(): array
    {
        $band = [];
        for ($longitude = 0; $longitude <= 360; $longitude += self::BAND_STEP) {
            $half = self::HALF_BAND + self::HALF_BULGE * max(0.0, 1.0 - abs(Angles::half($longitude)) / self::BULGE_REACHES);
            $band[] = [...$this->seen(self::galactic($longitude, $half)), ...$this->seen(self::galactic($longitude, -$half))];
        }

        return $band;
    }

    /** A place by galactic longitude and latitude, degrees. */
    public static function galactic(float $longitude, float $latitude): Star
    {
        $from = self::CELESTIAL_POLE_LONGITUDE - $longitude;
        $up = Angles::sin($latitude) * Angles::sin(self::POLE_DECLINATION)
            + Angles::cos($latitude) * Angles::cos(self::POLE_DECLINATION) * Angles::cos($from);
        $toward = Angles::sin($latitude) * Angles::cos(self::POLE_DECLINATION)
            - Angles::cos($latitude) * Angles::sin(self::POLE_DECLINATION) * Angles::cos($from);
        $rightAscension = self::POLE_RIGHT_ASCENSION + rad2deg(atan2(Angles::cos($latitude) * Angles::sin($from), $toward));

        return new Star(Angles::turn($rightAscension), rad2deg(asin(max(-1.0, min(1.0, $up)))));
    }

    /**
     * @return array{lit: float, limb_deg: float}
     */
    private function moon(): array
    {
        [$moon, $sun] = [new Moon(), new Sun()];
        $phase = Moon::phaseAngle($moon->place($this->middle), $sun->place($this->middle));
        $at = $this->observer->horizontal($moon, $this->middle);
        $to = $this->observer->horizontal($sun, $this->middle);
        // Along the great circle to the sun.
        $limb = rad2deg(atan2(
            Angles::sin($to->azimuth - $at->azimuth) * Angles::cos($to->altitude),
            Angles::cos($at->altitude) * Angles::sin($to->altitude)
                - Angles::sin($at->altitude) * Angles::cos($to->altitude) * Angles::cos($to->azimuth - $at->azimuth),
        ));

        return ['lit' => round(Moon::litFraction($phase), self::DECIMALS), 'limb_deg' => round($limb, 1)];
    }
}
