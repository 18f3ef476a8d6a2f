<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Has the move go the other way.
 */
final class SwapDirection implements PlanEdit
{
    public static function name(): string
    {
        return 'swap';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        // A clip that is played backwards for an earlier turn is right again the way it was shot.
        return new TypedEdit($plan->reversed()->withTiming($plan->timing->played(false)), new Message('editing.swap_direction.done'));
    }
}
