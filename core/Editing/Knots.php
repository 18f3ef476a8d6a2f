<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;

/**
 * Where straight lines have to bend to follow part of a move.
 */
final class Knots
{
    /**
     * Photos between two at which straight lines have to bend to stay within half a motor step of the way.
     *
     * @return list<int> in order
     */
    public static function between(Plan $plan, int $from, int $to): array
    {
        $ends = [$plan->path->positionsAt($from), $plan->path->positionsAt($to)];
        [$worst, $where] = [0.5, null];
        for ($index = $from + 1; $index < $to; $index++) {
            $share = ($index - $from) / ($to - $from);
            $stands = $plan->path->positionsAt($index);
            foreach ($plan->rig->axes as $axis) {
                $off = self::stepsOff($axis, $ends[0][$axis->id] + ($ends[1][$axis->id] - $ends[0][$axis->id]) * $share, $stands[$axis->id]);
                [$worst, $where] = $off > $worst ? [$off, $index] : [$worst, $where];
            }
        }

        return $where === null ? [] : [...self::between($plan, $from, $where), $where, ...self::between($plan, $where, $to)];
    }

    private static function stepsOff(Axis $axis, float $straight, float $stands): float
    {
        return abs($straight - $stands) * $axis->stepsPerUnit;
    }
}
