<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Fits the move to the travel of the axes.
 */
final class FitMove implements PlanEdit
{
    public static function name(): string
    {
        return 'fit';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(MoveEdits::fitted($plan), new Message('editing.fit_move.done'));
    }
}
