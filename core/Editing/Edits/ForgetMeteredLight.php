<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Light\Light;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Lets the light be reckoned again.
 */
final class ForgetMeteredLight implements PlanEdit
{
    public static function name(): string
    {
        return 'metered-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        return new TypedEdit(
            $plan->with(['light' => ($plan->light ?? new Light())->with(['metered' => null])]),
            new Message('editing.forget_metered_light.done'),
        );
    }
}
