<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\RigDriver;

/**
 * A rig in virtual time: motors that count whole steps, speed and acceleration limits, play in the gears that is taken
 * up when an axis turns round, and settling. Its moves take a little longer than the ideal, and never less.
 */
final class VirtualRig implements RigDriver
{
    private const MOVE_SPREAD = 0.01;

    /** @var array<string, int> by axis id: -1, 0 (has not moved yet) or 1 */
    private array $lastDirections;

    /**
     * @param array<string, int> $motorPositionSteps where the motors stand at the start, by axis id
     */
    public function __construct(private readonly Rig $rig, private array $motorPositionSteps, private readonly Jitter $jitter)
    {
        $this->lastDirections = array_fill_keys($rig->axisIds(), 0);
    }

    public function moveTo(array $motorPositionSteps, float $fromSeconds): float
    {
        $slowest = 0.0;
        foreach ($this->rig->axes as $axis) {
            $slowest = max($slowest, $this->step($axis, $motorPositionSteps[$axis->id]));
        }

        return $slowest > 0.0
            ? $fromSeconds + $this->jitter->longer($slowest, self::MOVE_SPREAD) + $this->rig->settleSeconds
            : $fromSeconds;
    }

    public function creepTo(array $motorPositionSteps, float $fromSeconds, float $untilSeconds): float
    {
        $arrives = $untilSeconds;
        foreach ($this->rig->axes as $axis) {
            $distance = abs($motorPositionSteps[$axis->id] - $this->motorPositionSteps[$axis->id]) / $axis->stepsPerUnit;
            $arrives = max($arrives, $fromSeconds + $distance / $axis->maxSpeed);
            $this->step($axis, $motorPositionSteps[$axis->id]);
        }

        return $arrives;
    }

    public function motorPositionSteps(): array
    {
        return $this->motorPositionSteps;
    }

    /** Turns one motor, and says how long that takes from rest to rest. */
    private function step(Axis $axis, int $target): float
    {
        $steps = $target - $this->motorPositionSteps[$axis->id];
        if ($steps === 0) {
            return 0.0;
        }
        $direction = $steps <=> 0;
        $turnsRound = $this->lastDirections[$axis->id] === -$direction;
        $this->lastDirections[$axis->id] = $direction;
        $this->motorPositionSteps[$axis->id] = $target;

        return $axis->moveSeconds(abs($steps) / $axis->stepsPerUnit + ($turnsRound ? $axis->backlash : 0.0));
    }
}
