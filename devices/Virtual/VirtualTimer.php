<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\Timer;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Devices\Faults;

/**
 * A timer in virtual time, which fires within a few milliseconds after it is due. It can be made to stop, and to be held
 * up by a pause or a power cut.
 */
final class VirtualTimer implements Timer
{
    private int $fired = 0;

    public function __construct(private readonly Jitter $jitter, private readonly Faults $faults)
    {
    }

    public function fireAt(float $dueSeconds): ?float
    {
        $last = $this->fired;
        if ($last > 0 && $this->faults->at(FaultKind::TimerStops, $last) !== []) {
            return null;
        }
        $this->fired++;
        $held = 0.0;
        foreach ([FaultKind::Pause, FaultKind::PowerCut] as $kind) {
            foreach ($this->faults->at($kind, $last) as $fault) {
                $held += $fault->seconds;
            }
        }

        return $dueSeconds + $held + $this->jitter->unit() * EverydayNoise::TIMER_SECONDS;
    }
}
