<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Motion\FeedRun;

/**
 * One axis on its way: how far it has come after some seconds. It speeds up, goes on and slows down (s = v·t, s = a·t²/2), or goes evenly.
 * Play in the gears is taken up first, and moves nothing.
 */
final readonly class Travel
{
    public float $seconds;

    /** Where the run stood when this was begun: it may have come some way before. */
    private float $since;

    /**
     * @param float  $from         mm or degrees
     * @param float  $to           mm or degrees
     * @param float  $play         mm or degrees that the motor turns without moving anything
     * @param ?float $speed        the most, units a second; null for an even pace
     * @param ?float $acceleration units a second squared; null for an even pace
     * @param float  $seconds      how long, at an even pace
     */
    private function __construct(
        private float $from,
        private float $to,
        private float $play,
        private ?float $speed,
        private ?float $acceleration,
        float $seconds = 0.0,
        private ?FeedRun $run = null,
        float $at = 0.0,
    ) {
        $distance = $this->distance();
        $this->since = $run?->covered($at) ?? 0.0;
        $this->seconds = match (true) {
            $run !== null => $run->seconds(),
            $distance <= 0.0 => 0.0,
            $speed === null || $acceleration === null => $seconds,
            $distance >= $speed ** 2 / $acceleration => $distance / $speed + $speed / $acceleration,
            default => 2.0 * sqrt($distance / $acceleration),
        };
    }

    public static function fastest(float $from, float $to, float $play, float $speed, float $acceleration): self
    {
        return new self($from, $to, $play, $speed, $acceleration);
    }

    public static function even(float $from, float $to, float $play, float $seconds): self
    {
        return new self($from, $to, $play, null, null, $seconds);
    }

    /**
     * Together with others along a way that may be made longer: it is there when the run is at its end.
     *
     * @param float $at seconds since the run began
     */
    public static function along(float $from, float $to, float $play, FeedRun $run, float $at): self
    {
        return new self($from, $to, $play, null, null, 0.0, $run, $at);
    }

    public function distance(): float
    {
        return abs($this->to - $this->from) + $this->play;
    }

    public function positionAfter(float $seconds): float
    {
        if ($seconds >= $this->seconds) {
            return $this->to;
        }
        $moved = max(0.0, $this->coveredAfter(max(0.0, $seconds)) - $this->play);

        return $this->from + ($this->to <=> $this->from) * min($moved, abs($this->to - $this->from));
    }

    private function coveredAfter(float $seconds): float
    {
        $distance = $this->distance();
        if ($this->run !== null) {
            $way = $this->run->length() - $this->since;

            return $way <= 0.0 ? $distance : $distance * ($this->run->covered($seconds) - $this->since) / $way;
        }
        if ($this->speed === null || $this->acceleration === null) {
            return $distance * $seconds / $this->seconds;
        }
        $peak = min($this->speed, sqrt($distance * $this->acceleration));
        $ramp = $peak / $this->acceleration;

        return match (true) {
            $seconds < $ramp => $this->acceleration * $seconds ** 2 / 2.0,
            $seconds <= $this->seconds - $ramp => $this->acceleration * $ramp ** 2 / 2.0 + $peak * ($seconds - $ramp),
            default => $distance - $this->acceleration * ($this->seconds - $seconds) ** 2 / 2.0,
        };
    }
}
