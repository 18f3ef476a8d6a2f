<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * How bright the sky itself is, in candela per square metre, by day, at dusk, under the moon and under the stars.
 */
final class SkyBrightness
{
    /** Reflected light meters, K = 12.5: EV at ISO 100 is log2(L · 100 / K). */
    private const METER_CONSTANT = 12.5;

    /** Luminance of magnitude 0 in each square arc second, cd/m². */
    private const ZERO_MAGNITUDE = 108_000.0;

    /** Towards the glow of a sun so high the sky is brighter by so many stops, within so many degrees of its bearing, and up to so many less and less. */
    private const GLOW_LOWEST_DEGREES = -9.0;
    private const GLOW_HIGHEST_DEGREES = 5.0;
    private const GLOW_STOPS = 2.0;
    private const GLOW_FULL_DEGREES = 45.0;
    private const GLOW_ENDS_DEGREES = 90.0;

    /** Beyond those heights the glow fades over so many degrees, so that no photo jumps. */
    private const GLOW_FADES_DEGREES = 3.0;

    /** Of the air at the zenith, magnitudes: what a clear site takes from the moon's light. */
    private const EXTINCTION = 0.172;

    /** cd/m² in a nanolambert. */
    private const NANOLAMBERT = 1e-5 / M_PI;

    /** Nearer to the moon than this, the formula for its halo ends. */
    private const NEAREST_MOON_DEGREES = 1.0;

    /** EV at ISO 100 of a surface that shines so bright. */
    public static function exposureValue(float $candelaPerSquareMetre): float
    {
        return log($candelaPerSquareMetre * 100.0 / self::METER_CONSTANT, 2);
    }

    /** Luminance of a night sky of so many magnitudes in each square arc second: 108,000 · 10^(-0.4 m). */
    public static function ofMagnitude(float $magnitude): float
    {
        return self::ZERO_MAGNITUDE * 10.0 ** (-0.4 * $magnitude);
    }

    /** The other way round. */
    public static function magnitude(float $candelaPerSquareMetre): float
    {
        return -2.5 * log10($candelaPerSquareMetre / self::ZERO_MAGNITUDE);
    }

    /**
     * Of a sky that sends down so much light evenly: L = E / π.
     */
    public static function even(float $diffuseLux): float
    {
        return $diffuseLux / M_PI;
    }

    /** Share of the light that comes from the sky and not straight from the sun. Clouds scatter: under closed ones all of it does. */
    public static function diffuseShare(float $sunDegrees, Cloud $cloud): float
    {
        $clear = self::clearShare($sunDegrees);

        return match ($cloud) {
            Cloud::Clear => $clear,
            Cloud::Thin => (1.0 + $clear) / 2.0,
            Cloud::Average, Cloud::Dark => 1.0,
        };
    }

    /** On a clear day: half of it at 5°, a quarter at 20°, 0.15 from 60° up, straight between; with the sun down all of it. */
    private static function clearShare(float $sunDegrees): float
    {
        return match (true) {
            $sunDegrees >= 60.0 => 0.15,
            $sunDegrees >= 20.0 => 0.25 - 0.10 * ($sunDegrees - 20.0) / 40.0,
            $sunDegrees >= 5.0 => 0.5 - 0.25 * ($sunDegrees - 5.0) / 15.0,
            $sunDegrees > 0.0 => 1.0 - 0.5 * $sunDegrees / 5.0,
            default => 1.0,
        };
    }

    /**
     * By how many stops the sky is brighter than on average where the sun is about to rise or has set.
     *
     * @param float $degreesAside of the camera's bearing from the sun's, either way
     */
    public static function glowStops(float $sunDegrees, float $degreesAside): float
    {
        $outside = max(self::GLOW_LOWEST_DEGREES - $sunDegrees, $sunDegrees - self::GLOW_HIGHEST_DEGREES, 0.0);
        $aside = max(0.0, abs($degreesAside) - self::GLOW_FULL_DEGREES) / (self::GLOW_ENDS_DEGREES - self::GLOW_FULL_DEGREES);

        return self::GLOW_STOPS * max(0.0, 1.0 - $outside / self::GLOW_FADES_DEGREES) * max(0.0, 1.0 - $aside);
    }

    /**
     * What moonlight scattered in clear air adds: Krisciunas and Schaefer, "A model of the brightness of moonlight", Publications of the
     * Astronomical Society of the Pacific 103, 1033 (1991), equations 3, 15, 18, 20 and 21.
     *
     * @param float $phaseAngleDegrees 0 at full moon, 180 at new
     * @param float $apartDegrees      between the moon and where the camera looks
     */
    public static function ofMoon(float $phaseAngleDegrees, float $moonDegrees, float $skyDegrees, float $apartDegrees): float
    {
        if ($moonDegrees <= 0.0) {
            return 0.0;
        }
        $moonlight = 10.0 ** (-0.4 * (3.84 + 0.026 * abs($phaseAngleDegrees) + 4e-9 * $phaseAngleDegrees ** 4));
        $apart = max(self::NEAREST_MOON_DEGREES, $apartDegrees);
        $scattered = 10.0 ** 5.36 * (1.06 + cos(deg2rad($apart)) ** 2)
            + ($apart < 10.0 ? 6.2e7 / $apart ** 2 : 10.0 ** (6.15 - $apart / 40.0));
        $air = static fn (float $altitude): float => 1.0 / sqrt(1.0 - 0.96 * cos(deg2rad($altitude)) ** 2);

        return self::NANOLAMBERT * $scattered * $moonlight
            * 10.0 ** (-0.4 * self::EXTINCTION * $air($moonDegrees))
            * (1.0 - 10.0 ** (-0.4 * self::EXTINCTION * $air(max(Look::LOWEST_DEGREES, $skyDegrees))));
    }
}
