<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators;

/**
 * The simulated world's time: seconds since it began, as fast as was asked for.
 */
final class Clock
{
    private const NANOSECONDS = 1e9;

    private readonly int $began;

    /**
     * @param float $speed simulated seconds in a real one, 1 to 1000
     */
    public function __construct(public readonly float $speed = 1.0)
    {
        $this->began = hrtime(true);
    }

    /** Simulated seconds since the start. */
    public function now(): float
    {
        return (hrtime(true) - $this->began) / self::NANOSECONDS * $this->speed;
    }

    /** Real seconds from now to a simulated time. */
    public function realSecondsTo(float $at): float
    {
        return max(0.0, ($at - $this->now()) / $this->speed);
    }
}
