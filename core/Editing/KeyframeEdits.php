<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\PhotoOrder;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Changes to single keyframes, as they are made on the run's own line: by photo, and by where the axes stand.
 */
final class KeyframeEdits
{
    /**
     * Moves a keyframe to another photo. It stays between its neighbours, and the first and the last stay where they are.
     *
     * @param int $place       of the keyframe, from 0
     * @param int $photoNumber of the run, from 1: standing photos count
     *
     * @throws InvalidInput
     */
    public static function toPhoto(Plan $plan, int $place, int $photoNumber): Plan
    {
        $keyframes = $plan->move->keyframes;
        $keyframe = self::keyframe($plan, $place);
        $indices = Path::travelIndices($plan->move, $plan->timing->photos);
        if (!isset($indices[$place - 1], $indices[$place + 1])) {
            return $plan;
        }
        $index = max($indices[$place - 1] + 1, min($indices[$place + 1] - 1, self::travelIndex($plan, $photoNumber)));
        $keyframes[$place] = self::at($keyframe, $index, $plan->oneWayPhotos());

        return $plan->withMove($plan->move->withKeyframes($keyframes));
    }

    /**
     * Sets where axes stand at a keyframe.
     *
     * @param array<string, float> $positions mm or degrees by axis id; axes left out stay
     *
     * @throws InvalidInput
     */
    public static function positioned(Plan $plan, int $place, array $positions): Plan
    {
        $keyframes = $plan->move->keyframes;
        $keyframe = self::keyframe($plan, $place);
        foreach (array_keys($positions) as $axisId) {
            MoveEdits::axis($plan, $axisId);
        }
        $keyframes[$place] = $keyframe->withPositions(array_map(MoveEdits::rounded(...), $positions) + $keyframe->positions);

        return $plan->withMove($plan->move->withKeyframes($keyframes));
    }

    /**
     * Puts a keyframe on a photo, standing where the path is there. It is passed, so that the move bends as little as can be.
     *
     * @throws InvalidInput when a keyframe stands there already
     */
    public static function addedAtPhoto(Plan $plan, int $photoNumber): Plan
    {
        $index = self::travelIndex($plan, $photoNumber);
        $indices = Path::travelIndices($plan->move, $plan->timing->photos);
        if (in_array($index, $indices, true)) {
            throw new InvalidInput([new Problem('/move/keyframes', new Message('editing.keyframe_edits.taken'))]);
        }
        $positions = array_map(MoveEdits::rounded(...), $plan->path->positionsAt((float) $index));
        $place = count(array_filter($indices, static fn (int $other): bool => $other < $index));
        $keyframes = $plan->move->keyframes;
        array_splice($keyframes, $place, 0, [self::at(new Keyframe(0.0, $positions, pass: true), $index, $plan->oneWayPhotos())]);

        return $plan->withMove($plan->move->withKeyframes($keyframes));
    }

    /**
     * Stops at a keyframe that was passed, or passes one that stopped; photos held there go.
     *
     * @throws InvalidInput for the first and the last
     */
    public static function passToggled(Plan $plan, int $place): Plan
    {
        $keyframes = $plan->move->keyframes;
        $keyframe = self::keyframe($plan, $place);
        $keyframes[$place] = $keyframe->with([
            'pass' => !$keyframe->pass, 'holdPhotos' => 0, 'easing' => $keyframe->pass ? $keyframe->easing : null,
        ]);

        return $plan->withMove($plan->move->withKeyframes($keyframes));
    }

    /**
     * Takes so many photos standing at a keyframe; one that was passed stops for them.
     *
     * @throws InvalidInput
     */
    public static function holding(Plan $plan, int $place, int $photos): Plan
    {
        $keyframes = $plan->move->keyframes;
        $keyframe = self::keyframe($plan, $place);
        $keyframes[$place] = $keyframe->with(['pass' => $keyframe->pass && $photos === 0, 'holdPhotos' => $photos]);

        return $plan->withMove($plan->move->withKeyframes($keyframes));
    }

    /**
     * @throws InvalidInput
     */
    public static function keyframe(Plan $plan, int $place): Keyframe
    {
        return $plan->move->keyframes[$place] ?? throw new InvalidInput([new Problem('/keyframe', new Message('editing.keyframe.none'))]);
    }

    /** The travelling photo of the first way that stands where a photo of the run does. */
    private static function travelIndex(Plan $plan, int $photoNumber): int
    {
        $indices = PhotoOrder::of($plan)->travelIndices;

        return (int) $plan->path->onFirstWay($indices[max(0, min(count($indices) - 1, $photoNumber - 1))]);
    }

    private static function at(Keyframe $keyframe, int $index, int $photos): Keyframe
    {
        return $keyframe->with(['at' => $index / ($photos - 1)]);
    }
}
