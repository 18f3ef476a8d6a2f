<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;

/**
 * The light at a place through the day. One metered exposure at a known time shifts the whole curve to a scene, which is
 * seldom level and seldom grey.
 */
final readonly class Daylight
{
    private const EARTH_KILOMETRES = 6_378.14;

    private Sky $sky;

    /**
     * @param float $glowLux    what towns add to the night sky
     * @param float $shiftStops what one metered exposure says beyond the model
     * @param ?Sky  $sky        of the same place, where one is there already
     */
    public function __construct(
        private Observer $observer,
        private Cloud $cloud = Cloud::Clear,
        private float $glowLux = 0.0,
        private float $shiftStops = 0.0,
        ?Sky $sky = null,
    ) {
        $this->sky = $sky ?? new Sky($observer);
    }

    public function lux(Instant $instant): float
    {
        return $this->luxUnder($this->sky->of(Target::Sun, $instant)->altitude, $this->sky->of(Target::Moon, $instant)->altitude, $instant);
    }

    /** Exposure value at ISO 100. */
    public function exposureValue(Instant $instant): float
    {
        return Illuminance::exposureValue($this->lux($instant)) + $this->shiftStops;
    }

    /** As exposureValue, for who knows already how high sun and moon stand. */
    public function exposureValueUnder(float $sunDegrees, float $moonDegrees, Instant $instant): float
    {
        return Illuminance::exposureValue($this->luxUnder($sunDegrees, $moonDegrees, $instant)) + $this->shiftStops;
    }

    /** The same light, held to what a meter showed at a known time. */
    public function metered(Instant $instant, float $exposureValue): self
    {
        $unshifted = Illuminance::exposureValue($this->lux($instant));

        return new self($this->observer, $this->cloud, $this->glowLux, $exposureValue - $unshifted, $this->sky);
    }

    private function luxUnder(float $sunDegrees, float $moonDegrees, Instant $instant): float
    {
        $lux = Illuminance::ofSun($sunDegrees) + Illuminance::NIGHT_SKY_LUX + $this->glowLux;
        // A moon that is down lights nothing, and in daylight it is not worth its computation.
        if ($moonDegrees > Illuminance::LOWEST_MOON_DEGREES && $sunDegrees < 0.0) {
            $moon = $this->sky->body(Target::Moon)->place($instant);
            $lux += Illuminance::ofMoon(
                $moonDegrees,
                Moon::phaseAngle($moon, $this->sky->body(Target::Sun)->place($instant)),
                rad2deg(asin(self::EARTH_KILOMETRES / $moon->distanceKilometres)),
            );
        }

        return $lux / $this->cloud->divides();
    }
}
