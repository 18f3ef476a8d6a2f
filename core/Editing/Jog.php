<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
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

    /** Shares of the frame's width. */
    private const OF_FRAME = ['coarse' => 0.1, 'fine' => 0.01];

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
     * A step that moves the picture by a share of the frame: of the subject, for an axis that slides.
     *
     * @param 'coarse'|'fine' $size
     *
     * @return float mm or degrees
     */
    public static function stepOfFrame(Plan $plan, Axis $axis, string $size): float
    {
        $across = self::OF_FRAME[$size] * 2.0 * (new Finder($plan->optics ?? Optics::usual()))->halfWidth;

        return $axis->kind === AxisKind::Linear ? $across * ($plan->optics ?? Optics::usual())->subjectMetres * 1000.0 : rad2deg(atan($across));
    }

    /**
     * The rig after the picture was dragged in the finder, as if the subject hung on the finger: pan and tilt turn; a rig that has no pan
     * slides.
     *
     * @param array<string, float> $positions where the axes stood, by axis id
     * @param float                $right     how far the picture was dragged to the right, as a share of the photo's width
     * @param float                $up        how far up, as a share of its height
     *
     * @return array<string, float> where they stand then
     */
    public static function dragged(Plan $plan, array $positions, float $right, float $up): array
    {
        $optics = $plan->optics ?? Optics::usual();
        $finder = new Finder($optics);
        $across = 2.0 * $finder->halfWidth * max(-2.0, min(2.0, $right));
        $moves = [
            [$plan->rig->axisFor(AxisRole::Pan), -rad2deg(atan($across))],
            [$plan->rig->axisFor(AxisRole::Tilt), -rad2deg(atan(2.0 * $finder->halfHeight * max(-2.0, min(2.0, $up))))],
        ];
        if ($plan->rig->axisFor(AxisRole::Pan) === null) {
            $moves[] = [$plan->rig->axisFor(AxisRole::Slide), -$across * $optics->subjectMetres * 1000.0];
        }
        foreach ($moves as [$axis, $by]) {
            if ($axis !== null) {
                $positions[$axis->id] = $axis->clamp(MoveEdits::rounded($positions[$axis->id] + $by));
            }
        }

        return $positions;
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
     * @param bool                 $ofFrame   whether a step is a share of the frame
     *
     * @return array<string, float> where they stand then
     *
     * @throws \Evrent\Core\Values\InvalidInput for an axis that the rig does not have
     */
    public static function moved(Plan $plan, array $positions, string $axisId, int $steps, string $size, bool $ofFrame = false): array
    {
        $axis = MoveEdits::axis($plan, $axisId);
        $step = $ofFrame ? self::stepOfFrame($plan, $axis, $size) : self::step($axis, $size);

        return [$axisId => $axis->clamp(MoveEdits::rounded($positions[$axisId] + $steps * $step))] + $positions;
    }
}
