<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * One axis as it goes from photo to photo: where its motor stands, and which way it last turned. The first motion is
 * preloaded: play in the gears is taken up only when the axis turns round after it has moved.
 */
final class Motor
{
    /** -1, 0 (has not moved yet) or 1. */
    private int $lastDirection = 0;

    /**
     * @param int $positionSteps where it stands
     */
    public function __construct(private readonly Axis $axis, private int $positionSteps)
    {
    }

    public function positionSteps(): int
    {
        return $this->positionSteps;
    }

    /**
     * Turns to a position.
     *
     * @return float the shortest time that takes from rest to rest; 0 when it stands there already
     */
    public function turnTo(int $positionSteps): float
    {
        $steps = $positionSteps - $this->positionSteps;
        if ($steps === 0) {
            return 0.0;
        }
        $direction = $steps <=> 0;
        $turnsRound = $this->lastDirection === -$direction;
        $this->lastDirection = $direction;
        $this->positionSteps = $positionSteps;

        return $this->axis->moveSeconds(abs($steps) / $this->axis->stepsPerUnit + ($turnsRound ? $this->axis->backlash : 0.0));
    }
}
