<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * A move in one go, in so many seconds: it sets out and comes to rest gently, and goes evenly through the photos between.
 */
final readonly class TimedPass
{
    /** Share of the time in which it gathers speed, and in which it slows down. */
    private const RAMP = 0.1;
    private const LEAST_SECONDS = 1.0;
    private const HALVINGS = 40;
    private const AHEAD_SECONDS = 0.5;
    private const LEAST_AHEAD_SECONDS = 0.1;

    /** Seconds that it takes: no fewer than the rig needs. */
    public float $seconds;

    /**
     * @param array<string, Axis> $axes by id
     * @param float               $from place of the way, 0 for its first photo
     */
    public function __construct(Way $way, array $axes, private float $from, private float $to, float $seconds)
    {
        $this->seconds = max($seconds, self::leastSeconds($way, $axes, $from, $to));
    }

    /**
     * The fastest that every axis can keep up with: photo by photo its way by its top speed, where the pass goes fastest.
     *
     * @param array<string, Axis> $axes by id
     */
    public static function leastSeconds(Way $way, array $axes, float $from, float $to): float
    {
        $places = abs($to - $from);
        $least = self::LEAST_SECONDS;
        for ($n = (int) floor(min($from, $to)); $n < max($from, $to); $n++) {
            foreach ($axes as $id => $axis) {
                $step = abs(($way->positions[$id][$n + 1] ?? 0.0) - ($way->positions[$id][$n] ?? 0.0));
                $least = max($least, $step * $places / ((1.0 - self::RAMP) * $axis->fastest()));
            }
        }

        return $least;
    }

    /** Where on the way it is after so many seconds. */
    public function place(float $seconds): float
    {
        return $this->from + ($this->to - $this->from) * self::share(max(0.0, min(1.0, $seconds / $this->seconds)));
    }

    /** When it is at a place of the way. */
    public function secondsTo(float $place): float
    {
        [$low, $high] = [0.0, $this->seconds];
        for ($step = 0; $step < self::HALVINGS; $step++) {
            $middle = ($low + $high) / 2.0;
            $isThere = ($this->place($middle) - $this->from) / ($this->to - $this->from) >= ($place - $this->from) / ($this->to - $this->from);
            [$low, $high] = $isThere ? [$low, $middle] : [$middle, $high];
        }

        return $high;
    }

    /** How far ahead a rig is sent after so many seconds, in seconds: a little, and at the end no further than that. */
    public function ahead(float $seconds): float
    {
        return max(self::LEAST_AHEAD_SECONDS, min(self::AHEAD_SECONDS, $this->seconds - $seconds));
    }

    /** s(τ) of an even pace v with ramps of ρ at both ends: v = 1/(1-ρ). */
    private static function share(float $time): float
    {
        $pace = 1.0 / (1.0 - self::RAMP);

        return match (true) {
            $time < self::RAMP => $pace * $time ** 2 / (2.0 * self::RAMP),
            $time > 1.0 - self::RAMP => 1.0 - $pace * (1.0 - $time) ** 2 / (2.0 * self::RAMP),
            default => $pace * ($time - self::RAMP / 2.0),
        };
    }
}
