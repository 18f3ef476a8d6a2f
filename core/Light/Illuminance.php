<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * Light on level ground from sun, moon and night sky, in lux, by how high they stand. Janiczek and DeYoung, Computer Programs
 * for Sun and Moon Illuminance, US Naval Observatory Circular 171 (1987): cubics in x = altitude / 90° for the logarithm of lux.
 */
final class Illuminance
{
    /** Lowest altitude of the stretch in degrees, and c0 … c3; from the zenith down. */
    private const SUN = [
        [20.0, 3.74, 3.97, -4.07, 1.47],
        [5.0, 3.05, 13.28, -45.98, 64.33],
        [-0.8, 2.88, 22.26, -207.64, 1034.30],
        [-5.0, 2.88, 21.81, -258.11, -858.36],
        [-12.0, 2.70, 12.17, -431.69, -1899.83],
        [-18.0, 13.84, 262.72, 1447.42, 2797.93],
    ];

    private const MOON = [
        [20.0, -1.95, 4.06, -4.24, 1.56],
        [5.0, -2.58, 12.58, -42.58, 59.06],
        [-0.8, -2.79, 24.27, -252.95, 1321.29],
    ];

    public const LOWEST_MOON_DEGREES = -0.8;

    /** Stars and airglow on a clear night far from towns. */
    public const NIGHT_SKY_LUX = 5e-4;

    /** The horizontal parallax of the moon at its mean distance, degrees. */
    private const MEAN_PARALLAX_DEGREES = 0.951;

    /** Incident light on a flat receptor, as light meters are built. */
    private const METER_CONSTANT = 250.0;

    public static function ofSun(float $altitudeDegrees): float
    {
        return self::lux(self::SUN, $altitudeDegrees, 0.0);
    }

    /**
     * @param float $phaseAngleDegrees 0 at full moon, 180 at new
     * @param float $parallaxDegrees   its horizontal parallax: the nearer it is, the brighter
     */
    public static function ofMoon(float $altitudeDegrees, float $phaseAngleDegrees, float $parallaxDegrees): float
    {
        $dimmed = -0.00868 * $phaseAngleDegrees - 2.2e-9 * $phaseAngleDegrees ** 4 + 2.0 * log10($parallaxDegrees / self::MEAN_PARALLAX_DEGREES);

        return self::lux(self::MOON, $altitudeDegrees, $dimmed);
    }

    /**
     * The exposure value at ISO 100 that a meter shows in so much light: log2(lux · 100 / C).
     */
    public static function exposureValue(float $lux): float
    {
        return log($lux * 100.0 / self::METER_CONSTANT, 2);
    }

    /**
     * @param list<array{float, float, float, float, float}> $stretches
     */
    private static function lux(array $stretches, float $altitudeDegrees, float $dimmed): float
    {
        $x = $altitudeDegrees / 90.0;
        foreach ($stretches as [$lowest, $c0, $c1, $c2, $c3]) {
            if ($altitudeDegrees >= $lowest) {
                return 10.0 ** ($c0 + $c1 * $x + $c2 * $x ** 2 + $c3 * $x ** 3 + $dimmed);
            }
        }

        return 0.0;
    }
}
