<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Motion\Motor;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\RigDriver;

/**
 * A rig in virtual time: motors that count whole steps, speed and acceleration limits, play in the gears that is taken
 * up when an axis turns round, and settling. Its moves take a little longer than the ideal, and never less.
 */
final class VirtualRig implements RigDriver
{
    private const MOVE_SPREAD = 0.01;

    /** @var array<string, Motor> by axis id */
    private array $motors = [];

    /**
     * @param array<string, int> $motorPositionSteps where the motors stand at the start, by axis id
     */
    public function __construct(private readonly Rig $rig, array $motorPositionSteps, private readonly Jitter $jitter)
    {
        foreach ($rig->axes as $axis) {
            $this->motors[$axis->id] = new Motor($axis, $motorPositionSteps[$axis->id]);
        }
    }

    public function moveTo(array $motorPositionSteps, float $fromSeconds): float
    {
        $slowest = 0.0;
        foreach ($this->motors as $axisId => $motor) {
            $slowest = max($slowest, $motor->turnTo($motorPositionSteps[$axisId]));
        }

        return $slowest > 0.0
            ? $fromSeconds + $this->jitter->longer($slowest, self::MOVE_SPREAD) + $this->rig->settleSeconds
            : $fromSeconds;
    }

    public function creepTo(array $motorPositionSteps, float $fromSeconds, float $untilSeconds): float
    {
        $arrives = $untilSeconds;
        foreach ($this->rig->axes as $axis) {
            $motor = $this->motors[$axis->id];
            $distance = abs($motorPositionSteps[$axis->id] - $motor->positionSteps()) / $axis->stepsPerUnit;
            $arrives = max($arrives, $fromSeconds + $distance / $axis->maxSpeed);
            $motor->turnTo($motorPositionSteps[$axis->id]);
        }

        return $arrives;
    }

    public function motorPositionSteps(): array
    {
        return array_map(static fn (Motor $motor): int => $motor->positionSteps(), $this->motors);
    }
}
