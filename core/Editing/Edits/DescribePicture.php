<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;

/**
 * Describes lens and sensor, with the usual ones to begin with.
 */
final class DescribePicture implements PlanEdit
{
    public static function name(): string
    {
        return 'optics-in';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit($plan->withOptics(Optics::usual()), new Message('editing.describe_picture.done'), by: Source::Default);
    }
}
