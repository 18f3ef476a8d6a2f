<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Aims both ends of the move, each where a bearing and a height are given.
 */
final class AimEnds implements PlanEdit
{
    public static function name(): string
    {
        return 'aim';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $last = count($plan->move->keyframes) - 1;
        $aimed = $plan;
        foreach (['a' => 0, 'b' => $last] as $end => $place) {
            if ($given->text("bearing_{$end}") === '') {
                continue;
            }
            $bearing = $given->number("bearing_{$end}", new Message('editing.aim_ends.bearing'));
            $height = $given->text("height_{$end}") === '' ? 0.0 : $given->number("height_{$end}", new Message('editing.aim_ends.height'));
            $aimed = $given->under(static fn (): Plan => Framing::aimed($aimed, $place, $bearing, $height), "_{$end}");
        }
        if ($aimed === $plan) {
            throw new InvalidInput([new Problem('/edit/bearing_a', new Message('editing.aim_ends.one'))]);
        }

        return new TypedEdit($aimed, new Message('editing.aim_ends.done'));
    }
}
