<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

/**
 * One frame of a clip: the photo that it shows, or two over each other.
 */
final readonly class Frame
{
    /**
     * @param int    $number of the planned photo whose time it shows
     * @param int    $photo  number of the photo that is shown: another one where that is missing or bad
     * @param ?int   $over   number of a second photo that is laid over it
     * @param float  $share  of the second, 0 to 1
     * @param Crop   $crop
     * @param float  $speed  photos a frame, there
     */
    public function __construct(public int $number, public int $photo, public ?int $over, public float $share, public Crop $crop, public float $speed = 1.0)
    {
    }

    public function isHole(): bool
    {
        return $this->over !== null || $this->photo !== $this->number;
    }
}
