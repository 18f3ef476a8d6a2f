<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\FeedRun;

/**
 * One axis of the simulated rig: a motor that counts whole steps, and what really stands where. The two part when steps are lost or the
 * axis is stalled: the motor turns without knowing.
 */
final class SimulatedAxis
{
    /** Where the motor was last sent, and what it has counted when that is done. */
    public int $countedSteps = 0;

    /** How far what it moves stands from where it believes. */
    private int $slippedSteps = 0;

    private int $lastDirection = 0;

    private ?Travel $travel = null;

    public function __construct(public readonly Axis $axis)
    {
    }

    /** Sets out, as it would alone: by its own speed and acceleration. */
    public function sendTo(int $steps): Travel
    {
        return $this->begin($steps, fn (float $from, float $to, float $play): Travel => Travel::fastest(
            $from,
            $to,
            $play,
            $this->axis->maxSpeed,
            $this->axis->maxAcceleration,
        ));
    }

    /** Sets out together with others. */
    public function sendAlong(int $steps, FeedRun $run): Travel
    {
        return $this->begin($steps, static fn (float $from, float $to, float $play): Travel => Travel::along($from, $to, $play, $run, 0.0));
    }

    /** Where its motor is, some seconds into the block under way: between its steps too. */
    public function motorAfter(float $seconds): float
    {
        return $this->travel?->positionAfter($seconds) ?? $this->countedSteps / $this->axis->stepsPerUnit;
    }

    /**
     * Goes on with the others, further in the same direction.
     *
     * @param float   $from where its motor is
     * @param FeedRun $run  as long as it is by now
     */
    public function goOnAlong(float $from, int $steps, FeedRun $run, float $seconds): void
    {
        $this->lastDirection = $steps === $this->countedSteps ? $this->lastDirection : $steps <=> $this->countedSteps;
        $this->countedSteps = $steps;
        $this->travel = Travel::along($from, $steps / $this->axis->stepsPerUnit, 0.0, $run, $seconds);
    }

    /** Sets out at an even pace, to be there in a given time. */
    public function creepTo(int $steps, float $seconds): Travel
    {
        return $this->begin($steps, static fn (float $from, float $to, float $play): Travel => Travel::even($from, $to, $play, $seconds));
    }

    /** How far it would have to turn, with the play that turning round takes up. */
    public function wayTo(int $steps): float
    {
        return abs($steps - $this->countedSteps) / $this->axis->stepsPerUnit + $this->playTowards($steps);
    }

    /** The motor turned so far without what it moves coming along. */
    public function slip(int $steps): void
    {
        $this->slippedSteps += $steps;
    }

    /** Stops where it is. */
    public function stopAfter(float $seconds): void
    {
        if ($this->travel !== null) {
            $this->countedSteps = (int) round($this->travel->positionAfter($seconds) * $this->axis->stepsPerUnit);
            $this->travel = null;
        }
    }

    public function arrive(): void
    {
        $this->travel = null;
    }

    /** It was driven to its switch: what it believes is true again. */
    public function home(): void
    {
        $this->countedSteps = $this->axis->motorPositionSteps($this->axis->clamp(0.0));
        $this->slippedSteps = $this->lastDirection = 0;
        $this->travel = null;
    }

    public function homeSeconds(): float
    {
        $stands = ($this->countedSteps + $this->slippedSteps) / $this->axis->stepsPerUnit;
        if ($this->axis->isEndless) {
            // Its switch is a mark on the way round.
            return $this->axis->moveSeconds(abs($stands));
        }

        return $this->axis->moveSeconds(abs($stands - $this->axis->min)) + $this->axis->moveSeconds(abs($this->axis->clamp(0.0) - $this->axis->min));
    }

    /** What its motor has counted, some seconds into the block under way. */
    public function stepsAfter(float $seconds): int
    {
        return $this->travel === null ? $this->countedSteps : (int) round($this->travel->positionAfter($seconds) * $this->axis->stepsPerUnit);
    }

    /** Where it really stands, mm or degrees: whole steps. */
    public function positionAfter(float $seconds): float
    {
        return ($this->stepsAfter($seconds) + $this->slippedSteps) / $this->axis->stepsPerUnit;
    }

    /**
     * @param callable(float, float, float): Travel $how
     */
    private function begin(int $steps, callable $how): Travel
    {
        $play = $this->playTowards($steps);
        $from = $this->countedSteps;
        $this->lastDirection = $steps === $from ? $this->lastDirection : $steps <=> $from;
        $this->countedSteps = $steps;

        return $this->travel = $how($from / $this->axis->stepsPerUnit, $steps / $this->axis->stepsPerUnit, $play);
    }

    private function playTowards(int $steps): float
    {
        $direction = $steps <=> $this->countedSteps;

        return $direction !== 0 && $this->lastDirection === -$direction ? $this->axis->backlash : 0.0;
    }
}
