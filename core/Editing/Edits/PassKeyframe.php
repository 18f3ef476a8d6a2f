<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Has the move pass a keyframe, or stop at it.
 */
final class PassKeyframe implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-pass';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $changed = KeyframeEdits::passToggled($plan, $given->whole('place'));
        $keyframe = $changed->move->keyframes[$given->whole('place')] ?? null;

        return new TypedEdit(
            $changed,
            new Message($keyframe?->pass === true ? 'editing.pass_keyframe.passes' : 'editing.pass_keyframe.stops', ['peg' => $given->peg('place')]),
        );
    }
}
