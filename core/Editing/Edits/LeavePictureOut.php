<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Leaves lens and sensor out.
 */
final class LeavePictureOut implements PlanEdit
{
    public static function name(): string
    {
        return 'optics-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit($plan->withOptics(null), new Message('editing.leave_picture_out.done'));
    }
}
