<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Has the exposure vary along the run, or be steady; adds a key or takes one out.
 */
final class ChangeExposureKeys implements PlanEdit
{
    public static function name(): string
    {
        return 'exposure-keys';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $plan->withExposure(KeyChanges::made($plan->timing->exposure, $given)),
            new Message('editing.change_exposure_keys.done'),
        );
    }
}
