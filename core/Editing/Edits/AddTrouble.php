<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Scene;
use Evrent\Core\Plan\Trouble;
use Evrent\Core\Plan\TroubleKind;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\ClockTime;

/**
 * Notes something that gets in the way of the scene, with its hour.
 */
final class AddTrouble implements PlanEdit
{
    public static function name(): string
    {
        return 'trouble-add';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $kind = TroubleKind::tryFrom($given->text('kind')) ?? throw new InvalidInput(
            [new Problem('/edit/kind', new Message('editing.add_trouble.choose'))],
        );
        if (count($plan->scene->troubles) >= Trouble::MOST) {
            throw new InvalidInput([new Problem('/edit/kind', new Message('editing.add_trouble.most', ['most' => Trouble::MOST]))]);
        }
        $time = static fn (string $name): ?string => $given->text($name) === '' ? null : ClockTime::twentyFourHours($given->text($name));
        $troubled = $given->under(static fn (): Plan => $plan->with(['scene' => new Scene(
            [...$plan->scene->troubles, new Trouble($kind, $time('from'), $time('to'), $given->text('note'))],
            $plan->scene->planB,
        )]));

        return new TypedEdit($troubled, new Message('editing.add_trouble.done', ['kind' => $kind->label()]));
    }
}
