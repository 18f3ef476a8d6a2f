<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\SkyEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;

/**
 * Has pan and tilt follow what moves across the sky.
 */
final class TrackTarget implements PlanEdit
{
    public static function name(): string
    {
        return 'track-body';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(SkyEdits::tracked(Schedule::of($plan), $given->target()), $given->target()->name() . ' tracked');
    }
}
