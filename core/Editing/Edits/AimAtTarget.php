<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\SkyEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\StartText;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Aims a keyframe at what stands in the sky, at its photo or at a time that is given.
 */
final class AimAtTarget implements PlanEdit
{
    public static function name(): string
    {
        return 'aim-body';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $at = null;
        if ($given->text('at') !== '' && $plan->site !== null) {
            try {
                $at = StartText::read($given->text('at'))->instant($plan->site)
                    ?? throw new InvalidInput([new Problem('', new Message('editing.aim_at_target.never'))]);
            } catch (InvalidInput $invalid) {
                throw new InvalidInput([new Problem('/edit/at', $invalid->problems[0]->message)]);
            }
        }

        return new TypedEdit(
            SkyEdits::aimed(Schedule::of($plan), $given->whole('place'), $given->target(), $at),
            new Message('editing.aim_at_target.done', ['peg' => $given->peg('place'), 'name' => $given->target()->name()]),
            Framing::takenForGranted($plan),
        );
    }
}
