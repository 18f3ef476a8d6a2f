<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators;

/**
 * The simulated world's time: seconds since it began, as fast as was asked for.
 */
final class Clock
{
    private const NANOSECONDS = 1e9;

    public const MOST_SPEED = 1_000.0;

    private int $began;

    /** What it was when its speed was last changed. */
    private float $from = 0.0;

    /**
     * @param float $speed simulated seconds in a real one, 1 to 1000
     */
    public function __construct(private float $speed = 1.0)
    {
        $this->began = hrtime(true);
    }

    /** From now on at another speed. */
    public function runAt(float $speed): void
    {
        if ($speed !== $this->speed) {
            [$this->from, $this->began] = [$this->now(), hrtime(true)];
            $this->speed = $speed;
        }
    }

    public function speed(): float
    {
        return $this->speed;
    }

    /** Simulated seconds since the start. */
    public function now(): float
    {
        return $this->from + (hrtime(true) - $this->began) / self::NANOSECONDS * $this->speed;
    }

    /** The machine's monotonic clock at a simulated time, in seconds: the same for every process of this machine. */
    public function machineSecondsAt(float $at): float
    {
        return $this->began / self::NANOSECONDS + ($at - $this->from) / $this->speed;
    }

    /** Simulated seconds since the start, when the machine's monotonic clock had this. */
    public function atMachineSeconds(float $seconds): float
    {
        return $this->from + ($seconds - $this->began / self::NANOSECONDS) * $this->speed;
    }

    /** Real seconds from now to a simulated time. */
    public function realSecondsTo(float $at): float
    {
        return max(0.0, ($at - $this->now()) / $this->speed);
    }
}
