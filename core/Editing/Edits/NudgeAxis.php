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
 * Shifts one axis at every keyframe.
 */
final class NudgeAxis implements PlanEdit
{
    public static function name(): string
    {
        return 'nudge';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $axisId = $given->text('axis');
        $by = $given->number('by', new Message('editing.nudge_axis.far'));

        return new TypedEdit(
            MoveEdits::nudged($plan, $axisId, $by),
            new Message('editing.nudge_axis.done', ['axisId' => Axis::labelOf($axisId), 'text' => $given->text('by')]),
        );
    }
}
