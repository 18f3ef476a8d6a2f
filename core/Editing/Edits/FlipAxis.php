<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\MoveEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;

/**
 * Mirrors what one axis does.
 */
final class FlipAxis implements PlanEdit
{
    public static function name(): string
    {
        return 'flip';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            MoveEdits::flipped($plan, $given->text('axis')),
            new Message('editing.flip_axis.done', ['text' => Axis::labelOf($given->text('axis'))]),
        );
    }
}
