<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;

/**
 * Takes a move, or a whole shot, from the rig it was made on to another. Axes are matched by name and kind, and their
 * positions scaled from the one's travel to the other's; an axis that the first rig did not have stays where it stands.
 */
final class Transfer
{
    /**
     * @throws \Evrent\Core\Values\InvalidInput when the keyframes do not fit the photos
     */
    public static function move(Plan $from, Plan $to): Plan
    {
        return $to->withMove(self::scaledMove($from, $to));
    }

    /**
     * All but the rig and the name.
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function shot(Plan $from, Plan $to): Plan
    {
        return new Plan(
            $to->title,
            $from->timing,
            $to->rig,
            $from->camera,
            self::scaledMove($from, $to),
            $from->optics,
            $from->trigger,
            $from->thresholds,
            end: $from->end,
            settings: $from->settings,
            lead: $to->lead,
            film: $from->film,
            pass: $from->pass,
            scene: $to->scene,
            window: $from->window,
        );
    }

    private static function scaledMove(Plan $from, Plan $to): Move
    {
        return $from->move->withKeyframes(
            array_map(static fn (Keyframe $keyframe): Keyframe => $keyframe->withPositions(self::positions($keyframe, $from, $to)), $from->move->keyframes),
        );
    }

    /**
     * @return array<string, float> by axis id of the other rig
     */
    private static function positions(Keyframe $keyframe, Plan $from, Plan $to): array
    {
        $positions = [];
        foreach ($to->rig->axes as $axis) {
            $same = $from->rig->axis($axis->id);
            $positions[$axis->id] = $same !== null && $same->kind === $axis->kind
                ? self::scaled($keyframe->positions[$axis->id], $same, $axis)
                : $to->move->keyframes[0]->positions[$axis->id];
        }

        return $positions;
    }

    /** The same share of the travel: at the one's middle, it stands at the other's. What has no ends goes as far as it went. */
    private static function scaled(float $position, Axis $from, Axis $to): float
    {
        if ($from->isEndless || $to->isEndless) {
            return $position;
        }

        return MoveEdits::rounded($to->min + ($position - $from->min) / ($from->max - $from->min) * ($to->max - $to->min));
    }
}
