<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Adds a keyframe half way to the next.
 */
final class AddKeyframeAfter implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-after';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $plan->withKeyframeAfter($given->whole('place')),
            new Message('editing.add_keyframe_after.done', ['peg' => $given->peg('place')]),
        );
    }
}
