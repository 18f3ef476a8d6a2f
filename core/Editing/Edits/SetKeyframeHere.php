<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Sets a keyframe where the rig stands.
 */
final class SetKeyframeHere implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-here';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            KeyframeEdits::positioned($plan, $given->whole('place'), $given->positions()),
            new Message('editing.set_keyframe_here.done', ['peg' => $given->peg('place')]),
        );
    }
}
