<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Fastest;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Takes one photo after another as fast as rig and camera can.
 */
final class ShootAsFastAsItCan implements PlanEdit
{
    public static function name(): string
    {
        return 'interval-fastest';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(Fastest::of($plan), new Message('editing.shoot_as_fast_as_it_can.done'));
    }
}
