<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * One photo of a run: what happened, in seconds from the first planned trigger, and where the motors stood.
 */
final readonly class PhotoTaken
{
    /**
     * @param int                $number             1 for the first
     * @param float              $lateSeconds        trigger less when it was asked for; below zero it came early
     * @param ?Exposed           $exposed            null when the camera took none
     * @param array<string, int> $motorPositionSteps by axis id, when it was triggered
     * @param int                $place              the planned photo whose place the rig was to stand at, from 1
     * @param bool               $whileMoving        the shutter was open while the rig moved or settled
     * @param bool               $rigBehind          the rig came to its place later than was asked for, or should have been farther on
     */
    public function __construct(
        public int $number,
        public float $triggerSeconds,
        public float $lateSeconds,
        public ?Exposed $exposed,
        public array $motorPositionSteps,
        public int $place,
        public bool $whileMoving = false,
        public bool $rigBehind = false,
    ) {
    }
}
