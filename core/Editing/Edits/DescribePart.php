<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;

/**
 * Describes light, storage, load or power, with usual values to begin with.
 */
final class DescribePart implements PlanEdit
{
    public static function name(): string
    {
        return 'part-in';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return DescribedPart::made($plan, $given, true);
    }
}
