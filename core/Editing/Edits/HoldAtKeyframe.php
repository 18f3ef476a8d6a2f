<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;

/**
 * Has the rig stand at a keyframe for some photos.
 */
final class HoldAtKeyframe implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-hold';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            KeyframeEdits::holding($plan, $given->whole('place'), $given->whole('photos')),
            new Message('editing.hold_at_keyframe.done', [
                'part' => Quantity::photos($given->whole('photos')),
                'peg' => $given->peg('place'),
            ]),
        );
    }
}
