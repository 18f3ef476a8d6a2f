<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

/**
 * The time of a take: seconds from its log's beginning, on a clock that never goes back while the program runs.
 */
class RunClock
{
    private const NANOSECONDS = 1e9;
    private int $began;

    /**
     * @param float $from  seconds at this moment: 0 for a new log
     * @param float $speed of a simulated world; 1 in the real one. Changed by runAt() alone
     */
    public function __construct(private float $from = 0.0, public float $speed = 1.0)
    {
        $this->began = hrtime(true);
    }

    /**
     * The clock of a log that began some time ago. The machine's own clock may have been set meanwhile, or have changed to summer time: since it was
     * last turned on, another one counts that nobody sets.
     *
     * @param float          $begun seconds from 1970
     * @param ?array{string, float} $mark  as `mark()` gave it when it began; null where it did not
     * @param float          $last  seconds of the log's last line: it is not before that
     */
    public static function since(float $begun, float $speed, ?array $mark = null, float $last = 0.0): self
    {
        $isSameBoot = $mark !== null && $mark[0] !== '' && $mark[0] === self::boot();
        $seconds = $isSameBoot ? hrtime(true) / self::NANOSECONDS - $mark[1] : microtime(true) - $begun;

        return new self(max(0.0, $last, $seconds * $speed), $speed);
    }

    /** @return array{string, float} which time the machine is on, and seconds since then */
    public static function mark(): array
    {
        return [self::boot(), hrtime(true) / self::NANOSECONDS];
    }

    private static function boot(): string
    {
        return trim((string) @file_get_contents('/proc/sys/kernel/random/boot_id'));
    }

    /** From now on at another speed. */
    public function runAt(float $speed): void
    {
        $this->from = $this->now();
        $this->began = hrtime(true);
        $this->speed = $speed;
    }

    /**
     * The clock of a log whose world was set to another speed on the way.
     *
     * @param float $seconds of the log when that was
     * @param float $unix    when that was, seconds from 1970
     * @param float $last    seconds of the log's last line: it is not before that
     */
    public static function sinceChange(float $seconds, float $unix, float $speed, float $last): self
    {
        return new self(max($last, $seconds + max(0.0, microtime(true) - $unix) * $speed), $speed);
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
