<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Solver;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * A step from photo to photo that holds: n photos make n - 1 steps, so a way of 450 mm in steps of 1.5 mm takes 301 photos. Where the way
 * is given, the photos on it follow; where the photos are, the way does. With an ease it is the mean of the steps.
 */
final readonly class HeldStep
{
    private const TOLERANCE = 1e-6;

    /**
     * @param string $axisId that it is a step of
     * @param float  $step   mm or degrees, above 0
     */
    public function __construct(public string $axisId, public float $step)
    {
    }

    /**
     * @param ?float $step mm or degrees, as it was read
     *
     * @throws InvalidInput with an empty pointer
     */
    public static function of(Plan $plan, string $axisId, ?float $step): self
    {
        if ($plan->rig->axis($axisId) === null || $step === null || !is_finite($step) || $step <= 0.0 || $step > Axis::MOST) {
            throw new InvalidInput([new Problem('', new Message('editing.held_step.step'))]);
        }

        return new self($axisId, $step);
    }

    /** How far an axis goes from the first keyframe to the last, there and back added up. */
    public static function way(Plan $plan, string $axisId): float
    {
        $way = 0.0;
        foreach ($plan->move->keyframes as $k => $keyframe) {
            $way += $k === 0 ? 0.0 : abs($keyframe->positions[$axisId] - $plan->move->keyframes[$k - 1]->positions[$axisId]);
        }

        return $way;
    }

    /** Its mean step, mm or degrees. */
    public static function mean(Plan $plan, string $axisId): float
    {
        return self::way($plan, $axisId) / ($plan->oneWayPhotos() - 1);
    }

    /**
     * As many photos on the way as its steps ask for.
     *
     * @throws InvalidInput with an empty pointer
     */
    public function counted(Plan $plan): Plan
    {
        $way = self::way($plan, $this->axisId);
        if ($way <= 0.0) {
            throw new InvalidInput([new Problem('', new Message('editing.held_step.still', ['axisId' => Axis::labelOf($this->axisId)]))]);
        }
        try {
            $photos = Solver::photosOnTheWay($way, $this->step) ?? 2;
        } catch (InvalidInput $invalid) {
            throw new InvalidInput([new Problem('', $invalid->problems[0]->message)]);
        }

        return $plan->withPhotosOneWay($photos);
    }

    /** Whether its photos and its way agree already, but for part of a step. */
    public function isMet(Plan $plan): bool
    {
        return abs(self::way($plan, $this->axisId) - $this->step * ($plan->oneWayPhotos() - 1)) <= $this->step / 2.0 + self::TOLERANCE;
    }

    /** The way made as long as its photos and this step ask for. */
    public function laidOut(Plan $plan): Plan
    {
        $way = self::way($plan, $this->axisId);

        return $way <= 0.0 ? $plan : self::stretched($plan, $this->step * ($plan->oneWayPhotos() - 1) / $way);
    }

    /**
     * Every axis goes on as it began, for more photos or for fewer.
     *
     * @param float $factor 2 goes twice as far
     */
    public static function stretched(Plan $plan, float $factor): Plan
    {
        $first = $plan->move->keyframes[0]->positions;

        return abs($factor - 1.0) < 1e-12 ? $plan : $plan->withPositions(
            static fn (Axis $axis, float $position): float => MoveEdits::rounded($first[$axis->id] + $factor * ($position - $first[$axis->id])),
        );
    }
}
