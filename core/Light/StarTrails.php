<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Optics\Optics;

/**
 * How far stars move while the shutter is open, and the rules of thumb for how long it may be.
 */
final class StarTrails
{
    /** The sky turns once in a sidereal day. */
    private const ARCSECONDS_PER_SECOND = 15.041;
    private const ARCSECONDS_PER_RADIAN = 206_265.0;

    /** Of the older rule: some say 400, some 300. */
    public const USUAL_CONSTANT = 500.0;

    private const FULL_FRAME_DIAGONAL_MILLIMETRES = 43.2666;
    private const MICROMETRES_PER_MILLIMETRE = 1_000.0;

    /**
     * Pixels of the photo that a star crosses, near the middle of the frame.
     */
    public static function driftPixels(Optics $optics, float $seconds, float $declinationDegrees): float
    {
        return self::ARCSECONDS_PER_SECOND * cos(deg2rad($declinationDegrees)) * $seconds * $optics->focalPixels() / self::ARCSECONDS_PER_RADIAN;
    }

    /** A constant over the focal length, counted as on full frame. */
    public static function byConstant(Optics $optics, float $constant = self::USUAL_CONSTANT): float
    {
        $crop = self::FULL_FRAME_DIAGONAL_MILLIMETRES / hypot($optics->sensorWidthMillimetres, $optics->sensorHeightMillimetres);

        return $constant / ($optics->focalMillimetres * $crop);
    }

    /** With pixel pitch p in µm, aperture N and declination: (16.856·N + 0.0997·f + 13.713·p) / (f · cos δ). */
    public static function byPitch(Optics $optics, float $aperture, float $declinationDegrees): float
    {
        $pitch = $optics->sensorWidthMillimetres * self::MICROMETRES_PER_MILLIMETRE / $optics->imageWidthPixels;
        $focal = $optics->focalMillimetres;

        return (16.856 * $aperture + 0.0997 * $focal + 13.713 * $pitch) / ($focal * cos(deg2rad($declinationDegrees)));
    }
}
