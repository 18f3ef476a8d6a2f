<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Scene;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Takes out what was noted to get in the way of the scene.
 */
final class TakeTroubleOut implements PlanEdit
{
    public static function name(): string
    {
        return 'trouble-out';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $place = $given->whole('place');
        $out = $plan->scene->troubles[$place] ?? throw new InvalidInput([new Problem('/edit', new Message('editing.take_trouble_out.gone'))]);

        return new TypedEdit(
            $plan->with(['scene' => new Scene(array_values(array_diff_key($plan->scene->troubles, [$place => true])), $plan->scene->planB)]),
            new Message('editing.take_trouble_out.done', ['kind' => $out->kind->label()]),
        );
    }
}
