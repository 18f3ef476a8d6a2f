<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;

/**
 * Leaves light, storage, load or power out.
 */
final class LeavePartOut implements PlanEdit
{
    public static function name(): string
    {
        return 'part-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return DescribedPart::made($plan, $given, false);
    }
}
