<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * A way along which a rig is fed at a speed: it speeds up, goes on, and brakes so as to stand at the end. The way may be made longer while it
 * is under way: then it goes on from where it is and as fast as it is, and brakes at the new end. A controller that looks ahead moves so
 * through blocks that follow each other in one direction. Units are those of the way, and seconds.
 */
final class FeedRun
{
    /** Where the profile begins that holds now, and how fast it is there. */
    private float $began = 0.0;
    private float $from = 0.0;
    private float $startSpeed = 0.0;

    /** Seconds of the three stretches of the profile: to its highest speed, at it, and down to rest. */
    private float $changes = 0.0;
    private float $cruises = 0.0;
    private float $brakes = 0.0;
    private float $topSpeed = 0.0;

    public function __construct(private float $length, float $speed, private readonly float $acceleration)
    {
        $this->plan($speed);
    }

    /**
     * @param float $seconds from the start, not before the last time it was made longer
     * @param float $by      how much more way there is
     * @param float $speed   the most from now on
     */
    public function extend(float $seconds, float $by, float $speed): void
    {
        [$this->from, $this->startSpeed] = [$this->covered($seconds), $this->speed($seconds)];
        $this->began = $seconds;
        $this->length += $by;
        $this->plan($speed);
    }

    /**
     * How much way it takes to go on for a while, speeding up or slowing down to a speed, and to brake to rest from there.
     *
     * @param float $going   how fast it goes, units a second
     * @param float $speed   the most it is to go, units a second
     * @param float $seconds how long before it brakes
     */
    public static function lead(float $going, float $speed, float $acceleration, float $seconds): float
    {
        $top = min($speed, $going + $acceleration * $seconds);
        $gathers = ($top - min($going, $top)) / $acceleration;

        return ($going + $top) / 2.0 * $gathers + $top * ($seconds - $gathers) + max($top, $going) ** 2 / (2.0 * $acceleration);
    }

    /** How long it takes in all, from the start. */
    public function seconds(): float
    {
        return $this->began + $this->changes + $this->cruises + $this->brakes;
    }

    public function length(): float
    {
        return $this->length;
    }

    /** How far it has come. */
    public function covered(float $seconds): float
    {
        $at = max(0.0, $seconds - $this->began);
        if ($at >= $this->changes + $this->cruises + $this->brakes) {
            return $this->length;
        }
        $changing = min($at, $this->changes);
        $cruising = min(max(0.0, $at - $this->changes), $this->cruises);
        $braking = max(0.0, $at - $this->changes - $this->cruises);

        return min($this->length, $this->from + ($this->startSpeed + $this->speedAfter($changing)) / 2.0 * $changing
            + $this->topSpeed * $cruising + ($this->topSpeed - $this->acceleration * $braking / 2.0) * $braking);
    }

    /** How fast it goes. */
    public function speed(float $seconds): float
    {
        $at = max(0.0, $seconds - $this->began);
        $braking = $at - $this->changes - $this->cruises;

        return match (true) {
            $braking >= $this->brakes => 0.0,
            $braking > 0.0 => max(0.0, $this->topSpeed - $this->acceleration * $braking),
            default => $this->speedAfter(min($at, $this->changes)),
        };
    }

    /** While it changes to its highest speed, which may be less than it has. */
    private function speedAfter(float $changing): float
    {
        return $this->changes <= 0.0 ? $this->topSpeed : $this->startSpeed + ($this->topSpeed - $this->startSpeed) * $changing / $this->changes;
    }

    /** s = v²/2a up and down again: the highest speed there is way for is √(a·s + v²/2). */
    private function plan(float $speed): void
    {
        $way = $this->length - $this->from;
        $most = sqrt(max(0.0, $this->acceleration * $way + $this->startSpeed ** 2 / 2.0));
        // Too fast to stand at the end, it brakes at once: whoever asks for that asks too late.
        $this->topSpeed = $this->startSpeed > $most ? $this->startSpeed : min($speed, $most);
        $this->changes = abs($this->topSpeed - $this->startSpeed) / $this->acceleration;
        $changed = ($this->topSpeed + $this->startSpeed) / 2.0 * $this->changes;
        $this->brakes = $this->topSpeed / $this->acceleration;
        $this->cruises = $this->topSpeed <= 0.0 ? 0.0 : max(0.0, $way - $changed - $this->topSpeed * $this->brakes / 2.0) / $this->topSpeed;
    }
}
