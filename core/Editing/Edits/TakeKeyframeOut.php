<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Takes a keyframe out.
 */
final class TakeKeyframeOut implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $plan->withoutKeyframe($given->whole('place')),
            new Message('editing.take_keyframe_out.done', ['peg' => $given->peg('place')]),
        );
    }
}
