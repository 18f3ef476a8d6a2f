<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;

/**
 * Gives the leg that starts at a keyframe its own ease, or lets it have the move’s again.
 */
final class GiveLegItsEase implements PlanEdit
{
    public static function name(): string
    {
        return 'run-ease';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $place = $given->whole('place');
        $own = KeyframeEdits::keyframe($plan, $place)->easing !== null;
        $keyframes = $plan->move->keyframes;
        $keyframes[$place] = $keyframes[$place]->withEasing($own ? null : $plan->move->easing);

        return new TypedEdit(
            $plan->withMove($plan->move->withKeyframes($keyframes)),
            new Message('editing.give_leg_its_ease.done', [
                'part' => $own ? new Message('editing.give_leg_its_ease.move') : new Message('editing.give_leg_its_ease.own'),
                'peg' => $given->peg('place'),
            ]),
        );
    }
}
