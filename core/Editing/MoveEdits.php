<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Changes to the move as a whole. Positions are mm or degrees; those that are worked out are rounded to what a display shows.
 */
final class MoveEdits
{
    private const DECIMALS = 3;

    /** Factors beyond these are slips of the finger. */
    private const MOST_FACTOR = 1_000;

    /**
     * Mirrors one axis: it starts where it ended and ends where it started.
     *
     * @throws InvalidInput
     */
    public static function flipped(Plan $plan, string $axisId): Plan
    {
        $axis = self::axis($plan, $axisId);
        $keyframes = $plan->move->keyframes;
        $ends = $keyframes[0]->positions[$axis->id] + $keyframes[count($keyframes) - 1]->positions[$axis->id];

        return $plan->withPositions(
            static fn (Axis $each, float $position): float => $each->id === $axis->id ? self::rounded($ends - $position) : $position,
        );
    }

    /**
     * Makes the move larger or smaller about the middle of each axis's range.
     *
     * @param float $factor 0.5 halves it
     *
     * @throws InvalidInput
     */
    public static function scaled(Plan $plan, float $factor): Plan
    {
        if (!is_finite($factor) || $factor <= 0.0 || $factor > self::MOST_FACTOR) {
            throw new InvalidInput([new Problem('/factor', new Message('editing.move_edits.factor', ['most_factor' => self::MOST_FACTOR]))]);
        }
        $ranges = self::ranges($plan);

        return $plan->withPositions(static function (Axis $axis, float $position) use ($ranges, $factor): float {
            $middle = ($ranges[$axis->id][0] + $ranges[$axis->id][1]) / 2.0;

            return self::rounded($middle + $factor * ($position - $middle));
        });
    }

    /**
     * Moves every keyframe of one axis by the same.
     *
     * @throws InvalidInput
     */
    public static function nudged(Plan $plan, string $axisId, float $by): Plan
    {
        $axis = self::axis($plan, $axisId);

        return $plan->withPositions(
            static fn (Axis $each, float $position): float => $each->id === $axis->id ? self::rounded($position + $by) : $position,
        );
    }

    /** Brings every axis within its travel: moved as it is where it fits, made smaller where it does not. */
    public static function fitted(Plan $plan): Plan
    {
        $ranges = self::ranges($plan);

        return $plan->withPositions(static function (Axis $axis, float $position) use ($ranges): float {
            [$low, $high] = $ranges[$axis->id];
            $travel = $axis->max - $axis->min;
            if ($high - $low > $travel) {
                return $axis->clamp(self::rounded($axis->min + ($position - $low) / ($high - $low) * $travel));
            }

            return $axis->clamp(self::rounded($position + max($axis->min - $low, 0.0) + min($axis->max - $high, 0.0)));
        });
    }

    /**
     * @throws InvalidInput
     */
    public static function axis(Plan $plan, string $axisId): Axis
    {
        return $plan->rig->axis($axisId)
            ?? throw new InvalidInput([new Problem('/axis', new Message('editing.move_edits.axis', ['x' => implode(', ', $plan->rig->axisIds())]))]);
    }

    public static function rounded(float $position): float
    {
        // Adding zero turns a rounded -0 into 0.
        return round($position, self::DECIMALS) + 0.0;
    }

    /**
     * @return array<string, array{float, float}> lowest and highest keyframe by axis id
     */
    private static function ranges(Plan $plan): array
    {
        $ranges = [];
        foreach ($plan->rig->axisIds() as $axisId) {
            $first = $plan->move->keyframes[0]->positions[$axisId];
            $positions = array_map(static fn (Keyframe $keyframe): float => $keyframe->positions[$axisId], $plan->move->keyframes);
            $ranges[$axisId] = [min($first, ...$positions), max($first, ...$positions)];
        }

        return $ranges;
    }
}
