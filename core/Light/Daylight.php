<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;

/**
 * The light at a place through day and night, of what is exposed for: the land, the sky that the camera looks at, or what lamps light.
 * One metered exposure at a known time shifts the whole curve to a scene, which is seldom level and seldom grey.
 */
final readonly class Daylight
{
    private const EARTH_KILOMETRES = 6_378.14;

    /** Street lamps are switched on by the light that is left: most between 35 and 70 lux. */
    public const LAMPS_SWITCH_AT_LUX = 50.0;

    /** Of a sky that nobody says where to look at: half way up, and well away from the moon. */
    private const USUAL_ALTITUDE_DEGREES = 45.0;
    private const USUAL_APART_DEGREES = 60.0;

    private Sky $sky;

    /**
     * @param float    $glowLux    what towns add to the light on the ground at night
     * @param float    $skyMag     of the place's own night sky, magnitudes in each square arc second
     * @param float    $lampsLux   what lamps add to the light on the land
     * @param ?Instant $lampsFrom  when they are switched on; null for all the time
     * @param bool     $lampsAtDusk whether the light switches them instead
     * @param float    $shiftStops what one metered exposure says beyond the model
     * @param ?Sky     $sky        of the same place, where one is there already
     * @param ?Horizon $horizon    what stands around and hides sun and moon; null for nothing
     */
    public function __construct(
        private Observer $observer,
        private Cloud $cloud = Cloud::Clear,
        private float $glowLux = 0.0,
        private ExposedFor $exposedFor = ExposedFor::Land,
        private float $skyMag = Site::USUAL_SKY_MAG,
        private float $lampsLux = 0.0,
        private ?Instant $lampsFrom = null,
        private bool $lampsAtDusk = false,
        private float $shiftStops = 0.0,
        ?Sky $sky = null,
        private ?Horizon $horizon = null,
    ) {
        $this->sky = $sky ?? new Sky($observer);
    }

    /**
     * @param ?Light $light null for the land without lamps under a clear sky
     * @param ?Sky   $sky   of the same place, where one is there already
     */
    public static function over(Site $site, ?Light $light, ?Sky $sky = null): self
    {
        $lampsOn = $light->lampsOn ?? Light::LAMPS_ALWAYS;

        return new self(
            $site->observer,
            $light->cloud ?? Cloud::Clear,
            $site->glowLux,
            $light->exposedFor ?? ExposedFor::Land,
            $site->skyMag,
            $light->lampsLux ?? 0.0,
            in_array($lampsOn, [Light::LAMPS_ALWAYS, Light::LAMPS_AT_DUSK], true) ? null : $site->day->at($lampsOn),
            $lampsOn === Light::LAMPS_AT_DUSK,
            sky: $sky,
            horizon: $site->skyline->isFlat() ? null : $site->skyline,
        );
    }

    /** On level ground, lamps included. */
    public function lux(Instant $instant): float
    {
        return $this->luxUnder($this->sky->of(Target::Sun, $instant), $this->sky->of(Target::Moon, $instant), $instant);
    }

    /** Exposure value at ISO 100. */
    public function exposureValue(Instant $instant, ?Look $look = null): float
    {
        return $this->exposureValueUnder($this->sky->of(Target::Sun, $instant), $this->sky->of(Target::Moon, $instant), $instant, $look);
    }

    /**
     * As exposureValue, for who knows already where sun and moon stand.
     *
     * @param ?Look $look where the camera looks; null for the sky on average
     */
    public function exposureValueUnder(Horizontal $sun, Horizontal $moon, Instant $instant, ?Look $look = null): float
    {
        return $this->shiftStops + ($this->exposedFor === ExposedFor::Sky
            ? SkyBrightness::exposureValue($this->luminance($sun, $moon, $instant, $look))
            : Illuminance::exposureValue($this->luxUnder($sun, $moon, $instant)));
    }

    /** The same light, held to what a meter showed at a known time. */
    public function metered(Instant $instant, float $exposureValue, ?Look $look = null): self
    {
        return new self(
            $this->observer,
            $this->cloud,
            $this->glowLux,
            $this->exposedFor,
            $this->skyMag,
            $this->lampsLux,
            $this->lampsFrom,
            $this->lampsAtDusk,
            $this->shiftStops + $exposureValue - $this->exposureValue($instant, $look),
            $this->sky,
            $this->horizon,
        );
    }

    private function luxUnder(Horizontal $sun, Horizontal $moon, Instant $instant): float
    {
        $lux = Illuminance::ofSun($sun->altitude) * $this->shareNotHidden($sun) + Illuminance::NIGHT_SKY_LUX + $this->glowLux;
        if ($this->moonCounts($sun->altitude, $moon->altitude)) {
            $place = $this->sky->body(Target::Moon)->place($instant);
            $parallax = rad2deg(asin(self::EARTH_KILOMETRES / $place->distanceKilometres));
            $lux += Illuminance::ofMoon($moon->altitude, $this->phaseAngle($instant), $parallax) * $this->shareNotHidden($moon);
        }
        $lux /= $this->cloud->divides();

        return $lux + $this->lampsIn($lux, $instant);
    }

    /** Share of a body's light that comes past the land: where ridge or wall hide it, what the sky scatters is left. */
    private function shareNotHidden(Horizontal $body): float
    {
        if ($this->horizon === null) {
            return 1.0;
        }
        $shows = $this->horizon->shows($body);

        return $shows + (1.0 - $shows) * SkyBrightness::diffuseShare($body->altitude, $this->cloud);
    }

    private function lampsIn(float $lux, Instant $instant): float
    {
        $on = $this->exposedFor === ExposedFor::Lamps || match (true) {
            $this->lampsAtDusk => $lux < self::LAMPS_SWITCH_AT_LUX,
            $this->lampsFrom !== null => $instant->unixSeconds >= $this->lampsFrom->unixSeconds,
            default => true,
        };

        return $on ? $this->lampsLux : 0.0;
    }

    /** Of the sky, cd/m²: what is left of the sun's light, not below the place's own night sky, and the moon's on top. */
    private function luminance(Horizontal $sun, Horizontal $moon, Instant $instant, ?Look $look): float
    {
        $dusk = SkyBrightness::even(Illuminance::ofSun($sun->altitude) * SkyBrightness::diffuseShare($sun->altitude, $this->cloud))
            * 2.0 ** ($look === null ? 0.0 : SkyBrightness::glowStops($sun->altitude, Angles::half($look->bearing - $sun->azimuth)));
        $natural = ($dusk + SkyBrightness::even(Illuminance::NIGHT_SKY_LUX + $this->glowLux)) / $this->cloud->divides();
        $moonlit = $this->moonCounts($sun->altitude, $moon->altitude) ? SkyBrightness::ofMoon(
            $this->phaseAngle($instant),
            $moon->altitude,
            $look->altitude ?? self::USUAL_ALTITUDE_DEGREES,
            $look === null ? self::USUAL_APART_DEGREES : self::apart($moon, $look),
        ) : 0.0;

        return max($natural, SkyBrightness::ofMagnitude($this->skyMag)) + $moonlit / $this->cloud->divides();
    }

    /** A moon that is down lights nothing, and in daylight it is not worth its computation. */
    private function moonCounts(float $sunDegrees, float $moonDegrees): bool
    {
        return $moonDegrees > Illuminance::LOWEST_MOON_DEGREES && $sunDegrees < 0.0;
    }

    private function phaseAngle(Instant $instant): float
    {
        return Moon::phaseAngle($this->sky->body(Target::Moon)->place($instant), $this->sky->body(Target::Sun)->place($instant));
    }

    /** Degrees on the sky between the moon and where the camera looks. */
    private static function apart(Horizontal $moon, Look $look): float
    {
        $altitude = max(Look::LOWEST_DEGREES, $look->altitude);

        return rad2deg(acos(max(-1.0, min(1.0, Angles::sin($moon->altitude) * Angles::sin($altitude)
            + Angles::cos($moon->altitude) * Angles::cos($altitude) * Angles::cos($moon->azimuth - $look->bearing)))));
    }
}
