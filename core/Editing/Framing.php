<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Base;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;

/**
 * Sets the framing by what is wanted in it, instead of by degrees on the axes.
 */
final class Framing
{
    /**
     * @return list<Text|string> what an aim takes for granted that nobody has given
     */
    public static function takenForGranted(Plan $plan): array
    {
        return $plan->facing() === null ? [new Message('editing.framing.north')] : [];
    }

    private const MOST_FRAME_WIDTHS = 50;

    /**
     * Pans from the first keyframe to the last by so many widths of the frame.
     *
     * @param float $widths to the right; below zero to the left
     *
     * @throws InvalidInput
     */
    public static function panned(Plan $plan, float $widths): Plan
    {
        $pan = self::pan($plan);
        $problems = new Problems();
        $problems->unlessBetween($widths, -self::MOST_FRAME_WIDTHS, self::MOST_FRAME_WIDTHS, '/widths', new Message('editing.framing.widths'));
        $problems->throwIfAny();
        $last = count($plan->move->keyframes) - 1;
        $degrees = $widths * ($plan->optics ?? Optics::usual())->frameWidthDegrees();

        return KeyframeEdits::positioned($plan, $last, [$pan->id => $plan->move->keyframes[0]->positions[$pan->id] + $degrees]);
    }

    /**
     * Aims a keyframe at a compass bearing and a height.
     *
     * @param int   $place          of the keyframe, from 0
     * @param float $bearingDegrees from true north clockwise
     * @param float $heightDegrees  above the horizon
     *
     * @throws InvalidInput
     */
    public static function aimed(Plan $plan, int $place, float $bearingDegrees, float $heightDegrees): Plan
    {
        $pan = self::pan($plan);
        $problems = new Problems();
        $problems->unlessBetween($bearingDegrees, -360, 360, '/bearing', new Message('what.bearing_compass'));
        $problems->unlessBetween($heightDegrees, -90, 90, '/height', new Message('editing.framing.height'));
        $problems->throwIfAny();
        $positions = [$pan->id => self::nearestTurn($pan, $bearingDegrees - $plan->rig->base->zeroBearingDegrees)];
        $tilt = $plan->rig->axisFor(AxisRole::Tilt);
        if ($tilt !== null) {
            $positions[$tilt->id] = $heightDegrees;
        } elseif ($heightDegrees !== 0.0) {
            throw new InvalidInput([new Problem('/height', new Message('editing.framing.no_tilt'))]);
        }

        return KeyframeEdits::positioned($plan, $place, $positions);
    }

    /**
     * Says where pan 0 points, by a compass on the rig. A compass points to magnetic north: the variation of the place goes on top.
     *
     * @param float $compassDegrees   what it reads along the lens with pan at 0
     * @param float $variationDegrees of the place, east above zero
     *
     * @throws InvalidInput
     */
    public static function byCompass(Plan $plan, float $compassDegrees, float $variationDegrees): Plan
    {
        $problems = new Problems();
        $problems->unlessBetween($compassDegrees, 0, 360, '/compass', new Message('what.bearing_compass'));
        $problems->unlessBetween($variationDegrees, -180, 180, '/variation', new Message('editing.framing.variation'));
        $problems->throwIfAny();
        $base = $plan->rig->base;
        $bearing = round(Angles::turn($compassDegrees + $variationDegrees), 4);

        return $plan->withRig($plan->rig->withBase(new Base($base->offLevelDegrees, $base->towardDegrees, $bearing)));
    }

    /** The whole turn of the axis that lies within its travel, or else nearest to its middle. */
    private static function nearestTurn(Axis $pan, float $degrees): float
    {
        $middle = ($pan->min + $pan->max) / 2.0;

        return $degrees + 360.0 * round(($middle - $degrees) / 360.0);
    }

    private static function pan(Plan $plan): Axis
    {
        return $plan->rig->axisFor(AxisRole::Pan) ?? throw new InvalidInput([new Problem('/axis', new Message('editing.framing.no_pan'))]);
    }
}
