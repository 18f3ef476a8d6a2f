<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Base;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Sky\Angles;

/**
 * Turns the camera, with its pan at 0, to a bearing.
 */
final class FaceBearing implements PlanEdit
{
    public static function name(): string
    {
        return 'face';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $bearing = Angles::turn($given->number('bearing', new Message('editing.face_bearing.bearing')));
        $base = $plan->rig->base;
        $turned = $given->under(
            static fn (): Plan => $plan->withRig($plan->rig->withBase(new Base($base->offLevelDegrees, $base->towardDegrees, $bearing))),
        );

        // Turned to 0 it is known to be 0.
        return new TypedEdit(
            PlanProvenance::confirmed(PlanProvenance::after($plan, $turned, Source::Typed), [Plan::FACING], Source::Typed),
            new Message('editing.face_bearing.done', ['bearing' => Quantity::rounded($bearing, 1)]),
            isSourced: true,
        );
    }
}
