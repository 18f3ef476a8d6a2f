<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Sun;

/**
 * The light at a place through the day. One metered exposure at a known time shifts the whole curve to a scene, which is
 * seldom level and seldom grey.
 */
final readonly class Daylight
{
    private const EARTH_KILOMETRES = 6_378.14;

    /**
     * @param float $glowLux    what towns add to the night sky
     * @param float $shiftStops what one metered exposure says beyond the model
     */
    public function __construct(
        private Observer $observer,
        private Cloud $cloud = Cloud::Clear,
        private float $glowLux = 0.0,
        private float $shiftStops = 0.0,
    ) {
    }

    public function lux(Instant $instant): float
    {
        $moon = new Moon();
        $sun = new Sun();
        $place = $moon->place($instant);
        $sky = Illuminance::ofSun($this->observer->horizontal($sun, $instant)->altitude)
            + Illuminance::ofMoon(
                $this->observer->horizontal($moon, $instant)->altitude,
                Moon::phaseAngle($place, $sun->place($instant)),
                rad2deg(asin(self::EARTH_KILOMETRES / $place->distanceKilometres)),
            )
            + Illuminance::NIGHT_SKY_LUX + $this->glowLux;

        return $sky / $this->cloud->divides();
    }

    /** Exposure value at ISO 100. */
    public function exposureValue(Instant $instant): float
    {
        return Illuminance::exposureValue($this->lux($instant)) + $this->shiftStops;
    }

    /** The same light, held to what a meter showed at a known time. */
    public function metered(Instant $instant, float $exposureValue): self
    {
        $unshifted = Illuminance::exposureValue($this->lux($instant));

        return new self($this->observer, $this->cloud, $this->glowLux, $exposureValue - $unshifted);
    }
}
