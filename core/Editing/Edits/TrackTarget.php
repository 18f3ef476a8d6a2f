<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\SkyEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Words\PlainText;

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
        $turned = $by === 0.0 ? '' : sprintf(
            'base turned %s° to the %s, so that pan 0 points to %s°',
            PlainText::rounded(abs($by), 0),
            $by > 0.0 ? 'right' : 'left',
            PlainText::rounded($to, 0),
        );

        return new TypedEdit(
            $tracked,
            PlainText::sentenceOf([$given->target()->name() . ' tracked', $turned], ', '),
            $turned === '' ? Framing::takenForGranted($plan) : ["Turn the base: the {$turned}, or the pan would run out of travel."],
        );
    }
}
