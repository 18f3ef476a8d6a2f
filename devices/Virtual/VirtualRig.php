<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Motion\Motor;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\RigDriver;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Devices\Faults;

/**
 * A rig in virtual time: motors that count whole steps, speed and acceleration limits, play in the gears that is taken
 * up when an axis turns round, and settling. Its moves take a little longer than the ideal, and never less. An axis can be
 * made to stall or to lose steps, which its own count of steps does not show: a motor turns without knowing.
 */
final class VirtualRig implements RigDriver
{
    /** @var array<string, Motor> by axis id */
    private array $motors = [];

    /** @var array<string, int> by axis id: how far the axis really stands from where its motor believes */
    private array $slippedSteps = [];

    private int $moves = 0;

    /**
     * @param array<string, int> $motorPositionSteps where the motors stand at the start, by axis id
     */
    public function __construct(private readonly Rig $rig, array $motorPositionSteps, private readonly Jitter $jitter, private readonly Faults $faults)
    {
        foreach ($rig->axes as $axis) {
            $this->motors[$axis->id] = new Motor($axis, $motorPositionSteps[$axis->id]);
            $this->slippedSteps[$axis->id] = 0;
        }
    }

    public function moveTo(array $motorPositionSteps, float $fromSeconds): float
    {
        $this->slip($motorPositionSteps);
        $slowest = 0.0;
        foreach ($this->motors as $axisId => $motor) {
            $slowest = max($slowest, $motor->turnTo($motorPositionSteps[$axisId]));
        }

        return $slowest > 0.0
            ? $fromSeconds + $this->jitter->longer($slowest, EverydayNoise::MOVE_SHARE) + $this->rig->settleSeconds
            : $fromSeconds;
    }

    public function creepTo(array $motorPositionSteps, float $fromSeconds, float $untilSeconds): float
    {
        $this->slip($motorPositionSteps);
        $arrives = $untilSeconds;
        foreach ($this->rig->axes as $axis) {
            $motor = $this->motors[$axis->id];
            $distance = abs($motorPositionSteps[$axis->id] - $motor->positionSteps()) / $axis->stepsPerUnit;
            $arrives = max($arrives, $fromSeconds + $distance / $axis->fastest());
            $motor->turnTo($motorPositionSteps[$axis->id]);
        }

        return $arrives;
    }

    public function motorPositionSteps(): array
    {
        $stands = [];
        foreach ($this->motors as $axisId => $motor) {
            $stands[$axisId] = $motor->positionSteps() + $this->slippedSteps[$axisId];
        }

        return $stands;
    }

    /**
     * @param array<string, int> $target by axis id
     */
    private function slip(array $target): void
    {
        $this->moves++;
        foreach ($this->motors as $axisId => $motor) {
            $steps = $target[$axisId] - $motor->positionSteps();
            foreach ($this->faults->at(FaultKind::StalledAxis, $this->moves) as $fault) {
                $this->slippedSteps[$axisId] -= $fault->axisId === $axisId ? $steps : 0;
            }
            foreach ($this->faults->at(FaultKind::LostSteps, $this->moves) as $fault) {
                $this->slippedSteps[$axisId] -= $fault->axisId === $axisId ? ($steps <=> 0) * min($fault->steps, abs($steps)) : 0;
            }
        }
    }
}
