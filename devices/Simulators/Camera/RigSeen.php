<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * Where the rig stands at any time, from what its trigger line tells: a place, or a motion that begins and leads somewhere.
 */
final class RigSeen
{
    private Pose $from;
    private Pose $to;
    private float $since = 0.0;
    private float $seconds = 0.0;

    public function __construct()
    {
        $this->from = $this->to = new Pose();
    }

    public function at(float $time): Pose
    {
        return $this->seconds <= 0.0 ? $this->to : $this->from->towards($this->to, ($time - $this->since) / $this->seconds);
    }

    /** It stands here, or passes: what it is on the way to stays. */
    public function stands(Pose $place, float $time): void
    {
        $left = $this->since + $this->seconds - $time;
        $this->from = $place;
        $this->to = $left > 0.0 ? $this->to : $place;
        $this->since = $time;
        $this->seconds = max(0.0, $left);
    }

    public function setsOut(Pose $to, float $seconds, float $time): void
    {
        $this->from = $this->at($time);
        $this->to = $to;
        $this->since = $time;
        $this->seconds = $seconds;
    }
}
