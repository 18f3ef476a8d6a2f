<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Target;

/**
 * How far stars move while the shutter is open, and the rules of thumb for how long it may be.
 */
final class StarTrails
{
    /** Stars show once the sun is so far down. */
    private const DARK_DEGREES = -12.0;

    /** How finely the horizon is gone round where nobody knows which way the camera looks. */
    private const EVERY_DEGREES = 10.0;

    /** The sky turns once in a sidereal day. */
    private const ARCSECONDS_PER_SECOND = 15.041;
    private const ARCSECONDS_PER_RADIAN = 206_265.0;

    /** Of the older rule: some say 400, some 300. */
    public const USUAL_CONSTANT = 500.0;

    private const FULL_FRAME_DIAGONAL_MILLIMETRES = 43.2666;
    private const MICROMETRES_PER_MILLIMETRE = 1_000.0;

    /**
     * @param array<int, float> $clipPixels   drift of the fastest star in the frame, by photo from 0, where stars show
     * @param array<int, float> $declinations of that star
     */
    private function __construct(private readonly Optics $optics, public readonly array $clipPixels, public readonly array $declinations)
    {
    }

    /** Null where optics, place or start are not known, or no photo is taken under stars. */
    public static function over(Shot $shot): ?self
    {
        $optics = $shot->plan->optics;
        $sky = $optics === null ? null : $shot->sky();
        if ($optics === null || $sky === null || $shot->plan->light?->kind->daylightEnters() === false) {
            return null;
        }
        $sun = $sky->altitudes(Target::Sun);
        if (min([90.0, ...$sun]) > self::DARK_DEGREES) {
            return null;
        }
        $frame = new SkyFrame($optics);
        $poses = Poses::columns($shot->schedule);
        $facing = $shot->plan->facing();
        $bearings = $facing === null ? range(0.0, 360.0 - self::EVERY_DEGREES, self::EVERY_DEGREES) : [$facing];
        $pixels = $declinations = $found = [];
        $declination = null;
        $sampled = array_flip($sky->sampledPhotos);
        foreach ($sun as $n => $altitude) {
            if ($altitude > self::DARK_DEGREES) {
                continue;
            }
            // The frame turns slowly against the sky: where it was sampled is near enough until the next sample.
            if ($declination === null || isset($sampled[$n])) {
                $pose = ['yaw' => $facing === null ? 0.0 : $poses['yaw'][$n], 'pitch' => $poses['pitch'][$n], 'roll' => $poses['roll'][$n]];
                $declination = $found[serialize($pose)] ??= self::fastestDeclination($frame, $pose, $bearings, $sky->sky->observer->latitude);
            }
            if ($declination < 90.0) {
                $pixels[$n] = self::driftPixels($optics, $shot->schedule->exposureSeconds[$n], $declination) * $optics->outputScale();
                $declinations[$n] = $declination;
            }
        }

        return $pixels === [] ? null : new self($optics, $pixels, $declinations);
    }

    /**
     * @return list<int> photos from 0
     */
    public function photosOver(float $pixels): array
    {
        return array_keys(array_filter($this->clipPixels, static fn (float $drift): bool => $drift > $pixels + 1e-9));
    }

    /** The photo, from 0, whose stars drift most. */
    public function worst(): int
    {
        return (int) array_search(max($this->clipPixels === [] ? [0.0] : $this->clipPixels), $this->clipPixels, true);
    }

    /** The longest exposure that drifts by no more anywhere in the shot, rounded down to a tenth of a second. */
    public function longestSeconds(float $pixels): float
    {
        $declination = min(array_map(abs(...), $this->declinations === [] ? [0.0] : $this->declinations));
        $seconds = $pixels / (self::driftPixels($this->optics, 1.0, $declination) * $this->optics->outputScale());

        return $seconds > 1.0 ? floor($seconds * 10.0) / 10.0 : $seconds * 0.999;
    }

    /**
     * How near the celestial equator the frame comes: there stars are fastest. 90 where no sky is in it.
     *
     * @param array{yaw: float, pitch: float, roll: float} $pose
     * @param non-empty-list<float>                        $bearings that it may have with its yaw at 0
     */
    private static function fastestDeclination(SkyFrame $frame, array $pose, array $bearings, float $latitude): float
    {
        $nearest = 90.0;
        $signs = [];
        foreach ($bearings as $bearing) {
            foreach ($frame->directions($pose, $bearing) as $direction) {
                if ($direction->altitude <= 0.0) {
                    continue;
                }
                $declination = rad2deg(asin(
                    Angles::sin($latitude) * Angles::sin($direction->altitude)
                        + Angles::cos($latitude) * Angles::cos($direction->altitude) * Angles::cos($direction->azimuth),
                ));
                $nearest = min($nearest, abs($declination));
                $signs[$declination < 0.0 ? -1 : 1] = true;
            }
        }

        return count($signs) > 1 ? 0.0 : $nearest;
    }

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
