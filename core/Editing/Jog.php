<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Plan\Plan;

/**
 * Moving the rig by hand, a step at a time, as with the buttons of a controller. It never leaves an axis's travel.
 */
final class Jog
{
    /** Millimetres: a hand's breadth, and what framing is trimmed by. */
    private const LINEAR = ['coarse' => 50.0, 'fine' => 1.0];

    /** Degrees. */
    private const ROTARY = ['coarse' => 5.0, 'fine' => 0.1];

    /**
     * @param 'coarse'|'fine' $size
     *
     * @return float mm or degrees
     */
    public static function step(Axis $axis, string $size): float
    {
        return ($axis->kind === AxisKind::Linear ? self::LINEAR : self::ROTARY)[$size];
    }

    /**
     * Where the rig can stand of what was asked: every axis, within its travel; one that was not named stands at the first
     * keyframe.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     *
     * @return array<string, float>
     */
    public static function within(Plan $plan, array $positions): array
    {
        $stands = [];
        foreach ($plan->rig->axes as $axis) {
            $stands[$axis->id] = $axis->clamp(MoveEdits::rounded($positions[$axis->id] ?? $plan->move->keyframes[0]->positions[$axis->id]));
        }

        return $stands;
    }

    /**
     * @param array<string, float> $positions where the axes stand, by axis id
     * @param int                  $steps     how many, below zero the other way
     * @param 'coarse'|'fine'      $size
     *
     * @return array<string, float> where they stand then
     *
     * @throws \Evrent\Core\Values\InvalidInput for an axis that the rig does not have
     */
    public static function moved(Plan $plan, array $positions, string $axisId, int $steps, string $size): array
    {
        $axis = MoveEdits::axis($plan, $axisId);

        return [$axisId => $axis->clamp(MoveEdits::rounded($positions[$axisId] + $steps * self::step($axis, $size)))] + $positions;
    }
}
