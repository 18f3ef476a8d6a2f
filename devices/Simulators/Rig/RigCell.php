<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Budget\RigPower;
use Evrent\Devices\Simulators\SimulatedKit;

/**
 * What the simulated rig runs on. Left alone for long, it is charged.
 */
final class RigCell
{
    private const CHARGED_AFTER_SECONDS = 1_800.0;
    private const JOULES_PER_WATT_HOUR = 3_600.0;

    private readonly RigPower $power;
    private float $joules;
    private float $drainedAt = 0.0;
    private float $usedAt = 0.0;

    public function __construct(?RigPower $power)
    {
        $this->power = $power ?? SimulatedKit::rigPower();
        $this->joules = $this->charged();
    }

    /** Somebody has to do with the rig: it is off its charger. */
    public function use(float $now): void
    {
        $this->usedAt = $now;
    }

    public function fallTo(float $percent): void
    {
        $this->joules = min($this->joules, $this->full() * $percent / 100.0);
    }

    public function percent(): int
    {
        return (int) round(100.0 * max(0.0, $this->joules) / $this->full());
    }

    /**
     * Lets time pass.
     *
     * @return bool whether it went empty in it
     */
    public function drain(float $until, bool $isMoving, bool $isHolding): bool
    {
        $seconds = max(0.0, $until - $this->drainedAt);
        $this->drainedAt = max($this->drainedAt, $until);
        if ($until - $this->usedAt > self::CHARGED_AFTER_SECONDS) {
            $this->joules = $this->charged();

            return false;
        }
        $before = $this->joules;
        $this->joules -= $seconds * ($isMoving ? $this->power->movingWatts : ($isHolding ? $this->power->holdingWatts : $this->power->idleWatts));

        return $this->joules <= 0.0 && $before > 0.0;
    }

    private function full(): float
    {
        return $this->power->battery->wattHours * $this->power->battery->count * self::JOULES_PER_WATT_HOUR;
    }

    private function charged(): float
    {
        return $this->full() * $this->power->battery->charge;
    }
}
