<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A photo that was taken from somewhere along the move, as something to look at from elsewhere: a flat picture as far ahead of the camera as the subject is.
 * Turned or zoomed, it is seen exactly as it would be; moved along the slide, what is nearer or farther than the subject is not.
 */
final readonly class Backdrop
{
    /** A photo whose shape differs by more than that is of another camera, or cropped; small pictures are rounded to whole pixels. */
    private const SHAPE_TOLERANCE = 0.015;

    /** Straight lines between so many points are, at any usual angle, within a pixel of where they belong. */
    public const COLUMNS = 16;
    public const ROWS = 12;

    /**
     * @param array{x: float, yaw: float, pitch: float, roll: float} $pose       of the camera that took it, as Poses has it
     * @param float                                                  $halfWidth  tangents of half the angles that it takes in
     * @param float                                                  $halfHeight
     */
    public function __construct(public array $pose, public float $halfWidth, public float $halfHeight)
    {
    }

    /**
     * @throws InvalidInput where a photo of that size is none of this camera's
     */
    public static function check(int $widthPixels, int $heightPixels, Optics $optics): void
    {
        $shape = $optics->imageWidthPixels / $optics->imageHeightPixels;
        if (abs($widthPixels / max(1, $heightPixels) / $shape - 1.0) > self::SHAPE_TOLERANCE) {
            throw new InvalidInput([new Problem('/photo', new Message('optics.backdrop.shape', [
                'widthPixels' => $widthPixels,
                'heightPixels' => $heightPixels,
                'imageWidthPixels' => $optics->imageWidthPixels,
                'imageHeightPixels' => $optics->imageHeightPixels,
            ]))]);
        }
    }

    /**
     * Points of the photo in space, row by row from its upper left corner.
     *
     * @return list<array{float, float, float}> metres to the right, up and ahead, as the finder has them; COLUMNS + 1 in each of ROWS + 1 rows
     */
    public function points(float $subjectMetres): array
    {
        $points = [];
        for ($row = 0; $row <= self::ROWS; $row++) {
            for ($column = 0; $column <= self::COLUMNS; $column++) {
                $points[] = $this->point(2.0 * $column / self::COLUMNS - 1.0, 1.0 - 2.0 * $row / self::ROWS, $subjectMetres);
            }
        }

        return $points;
    }

    /**
     * The other way round of SkyFrame::place.
     *
     * @param float $across share of half the width from the middle, to the right
     * @param float $up     share of half the height, up
     *
     * @return array{float, float, float}
     */
    private function point(float $across, float $up, float $metres): array
    {
        [$yaw, $pitch, $roll] = [deg2rad($this->pose['yaw']), deg2rad($this->pose['pitch']), deg2rad($this->pose['roll'])];
        [$a, $b] = [$across * $this->halfWidth, $up * $this->halfHeight];
        $right = $a * cos($roll) - $b * sin($roll);
        $high = $a * sin($roll) + $b * cos($roll);
        $y = $high * cos($pitch) + sin($pitch);
        $ahead = cos($pitch) - $high * sin($pitch);

        return [
            $this->pose['x'] + $metres * ($right * cos($yaw) + $ahead * sin($yaw)),
            $metres * $y,
            $metres * ($ahead * cos($yaw) - $right * sin($yaw)),
        ];
    }
}
