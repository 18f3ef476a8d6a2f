<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Adds a keyframe at a photo, where the move is by then.
 */
final class AddKeyframe implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-add';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            KeyframeEdits::addedAtPhoto($plan, $given->whole('photo')),
            new Message('editing.add_keyframe.done', ['whole' => $given->whole('photo')]),
        );
    }
}
