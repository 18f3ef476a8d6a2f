<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Values\Problems;

/**
 * What the camera draws.
 */
final readonly class CameraPower
{
    /**
     * @param float $idleWatts     awake between photos
     * @param float $exposingWatts while the shutter is open, dark exposures included
     * @param float $photoJoules   for each photo's writing and review
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public Battery $battery,
        public float $idleWatts = 1.0,
        public float $exposingWatts = 2.5,
        public float $photoJoules = 3.0,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($idleWatts, 0, 1_000, '/idle_w', 'watts');
        $problems->unlessBetween($exposingWatts, 0, 1_000, '/exposing_w', 'watts');
        $problems->unlessBetween($photoJoules, 0, 100_000, '/photo_j', 'joules');
        $problems->throwIfAny();
    }
}
