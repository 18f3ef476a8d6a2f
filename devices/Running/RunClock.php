<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

/**
 * The time of a take: seconds from its log's beginning, on a clock that never goes back while the program runs.
 */
class RunClock
{
    private const NANOSECONDS = 1e9;
    private readonly int $began;

    /**
     * @param float $from  seconds at this moment: 0 for a new log
     * @param float $speed of a simulated world; 1 in the real one
     */
    public function __construct(private readonly float $from = 0.0, public readonly float $speed = 1.0)
    {
        $this->began = hrtime(true);
    }

    /**
     * The clock of a log that began some time ago.
     *
     * @param float $begun seconds from 1970
     */
    public static function since(float $begun, float $speed): self
    {
        return new self(max(0.0, (microtime(true) - $begun) * $speed), $speed);
    }

    public function now(): float
    {
        return $this->from + (hrtime(true) - $this->began) / self::NANOSECONDS * $this->speed;
    }

    /** Real seconds from some moment on, whatever the machine's clock is set to meanwhile. */
    public function realSeconds(): float
    {
        return hrtime(true) / self::NANOSECONDS;
    }

    /** Does nothing for so many real seconds. */
    public function rest(float $seconds): void
    {
        if ($seconds > 0.0) {
            usleep((int) ($seconds * 1e6));
        }
    }

    /** Sleeps until a time, but no longer than so many real seconds. */
    public function sleepUntil(float $at, float $mostSeconds): void
    {
        $this->rest(min($mostSeconds, ($at - $this->now()) / $this->speed));
    }
}
