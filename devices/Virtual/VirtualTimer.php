<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\Timer;

/**
 * A timer in virtual time, which fires within a few milliseconds after it is due.
 */
final readonly class VirtualTimer implements Timer
{
    private const LATENCY_SECONDS = 0.004;

    public function __construct(private Jitter $jitter)
    {
    }

    public function fireAt(float $dueSeconds): float
    {
        return $dueSeconds + $this->jitter->unit() * self::LATENCY_SECONDS;
    }
}
