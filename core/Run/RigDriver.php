<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * A rig that can be sent to a position. Times are seconds from the first planned trigger.
 */
interface RigDriver
{
    /**
     * Goes there as fast as it can, and settles.
     *
     * @param array<string, int> $motorPositionSteps by axis id
     *
     * @return float the time at which it stands still
     */
    public function moveTo(array $motorPositionSteps, float $fromSeconds): float;

    /**
     * Creeps there so as to arrive at a given time.
     *
     * @param array<string, int> $motorPositionSteps by axis id
     *
     * @return float the time at which it arrives
     */
    public function creepTo(array $motorPositionSteps, float $fromSeconds, float $untilSeconds): float;

    /**
     * @return array<string, int> where the motors stand, by axis id
     */
    public function motorPositionSteps(): array;
}
