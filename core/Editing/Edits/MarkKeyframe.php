<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;

/**
 * Marks the keyframe that matters most, or takes its mark off. There is one at most.
 */
final class MarkKeyframe implements PlanEdit
{
    public static function name(): string
    {
        return 'matters-most';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $place = $given->whole('place');
        $marks = !KeyframeEdits::keyframe($plan, $place)->mattersMost;
        $keyframes = array_map(static fn (Keyframe $keyframe): Keyframe => $keyframe->with(['mattersMost' => false]), $plan->move->keyframes);
        $keyframes[$place] = $keyframes[$place]->with(['mattersMost' => $marks]);

        return new TypedEdit(
            $plan->withMove($plan->move->withKeyframes($keyframes)),
            new Message($marks ? 'editing.mark_keyframe.marked' : 'editing.mark_keyframe.cleared', ['peg' => $given->peg('place')]),
        );
    }
}
