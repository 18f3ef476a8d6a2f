<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\Picking;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Leaves out a piece of kit that was picked.
 */
final class LeaveKitOut implements PlanEdit
{
    public static function name(): string
    {
        return 'kit-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(Picking::out($plan, $given->whole('place')), new Message('editing.leave_kit_out.done'));
    }
}
