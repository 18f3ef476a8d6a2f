<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Plan\Plan;

/**
 * Moves a keyframe in time, in value, or both.
 */
final class DragKeyframe implements PlanEdit
{
    public static function name(): string
    {
        return 'keyframe-drag';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $place = $given->whole('place');
        $positions = $given->positions();
        $moved = $given->has('photo') ? KeyframeEdits::toPhoto($plan, $place, $given->whole('photo')) : $plan;
        $moved = $positions === [] ? $moved : KeyframeEdits::positioned($moved, $place, $positions);

        return new TypedEdit($moved, PlanChanges::told($plan, $moved));
    }
}
