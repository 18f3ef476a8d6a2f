<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Sky\Horizontal;

/**
 * What of the sky is in the picture: a pinhole camera that looks along a bearing.
 */
final readonly class SkyFrame
{
    /** Half the sun's disk, and about half the moon's. */
    private const DISK_RADIUS_DEGREES = 0.267;

    private Finder $finder;

    public function __construct(Optics $optics)
    {
        $this->finder = new Finder($optics);
    }

    /**
     * Where a direction falls in the photo, as shares of half its width and height from the middle, to the right and up; null
     * behind the camera.
     *
     * @param Horizontal                                              $place   as it is seen: with the air's lift
     * @param array{yaw: float, pitch: float, roll: float, ...} $pose    of the camera; degrees
     * @param float                                                   $bearing of the camera at yaw 0
     *
     * @return ?array{float, float}
     */
    public function place(Horizontal $place, array $pose, float $bearing): ?array
    {
        $across = deg2rad($place->azimuth - $bearing - $pose['yaw']);
        $height = deg2rad($place->altitude);
        [$pitch, $roll] = [deg2rad($pose['pitch']), deg2rad($pose['roll'])];
        $right = sin($across) * cos($height);
        $ahead = cos($across) * cos($height);
        $up = sin($height) * cos($pitch) - $ahead * sin($pitch);
        $depth = sin($height) * sin($pitch) + $ahead * cos($pitch);
        if ($depth < 0.02) {
            return null;
        }

        return [
            ($right * cos($roll) + $up * sin($roll)) / $depth / $this->finder->halfWidth,
            ($up * cos($roll) - $right * sin($roll)) / $depth / $this->finder->halfHeight,
        ];
    }

    /**
     * Whether any of a disk as large as the sun's is in the photo.
     *
     * @param array{yaw: float, pitch: float, roll: float, ...} $pose
     */
    public function holds(Horizontal $place, array $pose, float $bearing): bool
    {
        $at = $this->place($place, $pose, $bearing);
        if ($at === null) {
            return false;
        }
        // Away from the middle a lens that keeps lines straight draws the disk out.
        $drawnOut = 1.0 + ($at[0] * $this->finder->halfWidth) ** 2 + ($at[1] * $this->finder->halfHeight) ** 2;
        $disk = tan(deg2rad(self::DISK_RADIUS_DEGREES)) * $drawnOut;

        return abs($at[0]) <= 1.0 + $disk / $this->finder->halfWidth && abs($at[1]) <= 1.0 + $disk / $this->finder->halfHeight;
    }

    /** From the middle of the photo to its corners and the disk that just shows in one of them. */
    public function reachDegrees(): float
    {
        [$across, $up] = [$this->finder->halfWidth, $this->finder->halfHeight];
        $disk = tan(deg2rad(self::DISK_RADIUS_DEGREES));
        // The disk is drawn out further the further out it lies: once more than at the corner is more than enough.
        $out = $disk * (1.0 + 2.0 * ($across ** 2 + $up ** 2));

        return rad2deg(atan(hypot($across + $out, $up + $out)));
    }

    /**
     * Degrees from the middle of the photo.
     *
     * @param array{yaw: float, pitch: float, ...} $pose
     */
    public function degreesOff(Horizontal $place, array $pose, float $bearing): float
    {
        $height = deg2rad($place->altitude);
        $pitch = deg2rad($pose['pitch']);

        return rad2deg(acos(max(-1.0, min(
            1.0,
            sin($height) * sin($pitch) + cos($height) * cos($pitch) * cos(deg2rad($place->azimuth - $bearing - $pose['yaw'])),
        ))));
    }

    /**
     * Directions across the photo, from corner to corner.
     *
     * @param array{yaw: float, pitch: float, roll: float, ...} $pose
     *
     * @return iterable<Horizontal>
     */
    public function directions(array $pose, float $bearing, int $steps = 4): iterable
    {
        [$pitch, $roll] = [deg2rad($pose['pitch']), deg2rad($pose['roll'])];
        for ($i = 0; $i <= $steps; $i++) {
            for ($j = 0; $j <= $steps; $j++) {
                $u = (2.0 * $i / $steps - 1.0) * $this->finder->halfWidth;
                $v = (2.0 * $j / $steps - 1.0) * $this->finder->halfHeight;
                $right = $u * cos($roll) - $v * sin($roll);
                $up = $v * cos($roll) + $u * sin($roll);
                $ahead = cos($pitch) - $up * sin($pitch);
                $high = sin($pitch) + $up * cos($pitch);
                yield new Horizontal($bearing + $pose['yaw'] + rad2deg(atan2($right, $ahead)), rad2deg(atan2($high, hypot($right, $ahead))));
            }
        }
    }
}
