<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\SkyEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Angles;

/**
 * Has pan and tilt follow what moves across the sky.
 */
final class TrackTarget implements PlanEdit
{
    public static function name(): string
    {
        return 'track-body';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $tracked = SkyEdits::tracked(Schedule::of($plan), $given->target());
        $to = $tracked->rig->base->zeroBearingDegrees;
        $by = Angles::half($to - $plan->rig->base->zeroBearingDegrees);
        $turned = $by === 0.0 ? '' : new Message('editing.track_target.turn', [
            'by' => Quantity::rounded(abs($by), 0),
            'part' => $by > 0.0 ? new Message('editing.track_target.right') : new Message('editing.track_target.left'),
            'to' => Quantity::rounded($to, 0),
        ]);

        return new TypedEdit(
            $tracked,
            Joined::of([new Message('editing.track_target.done', ['name' => $given->target()->name()]), $turned], Joined::COMMA),
            $turned === '' ? Framing::takenForGranted($plan) : [new Message('editing.track_target.turn_base', ['turned' => $turned])],
        );
    }
}
