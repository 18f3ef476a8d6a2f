<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Words\PlainText;

/**
 * Says where pan 0 looks, by a compass reading.
 */
final class SetCompass implements PlanEdit
{
    public static function name(): string
    {
        return 'compass';
    }

    public static function made(Plan $plan, GivenWithEdit $given): TypedEdit
    {
        $reading = $given->number('compass', 'Enter what the compass reads in degrees, such as 238.');
        $variation = $given->has('variation') ? $given->number('variation', 'Enter the variation in degrees, east above zero, such as 1.5.') : 0.0;
        $zeroed = $given->under(static fn (): Plan => Framing::byCompass($plan, $reading, $variation));

        // Read as 0 it is known to be 0.
        $zeroed = PlanProvenance::confirmed($zeroed, ['/rig/base/zero_bearing_deg'], Source::Measured);

        return new TypedEdit($zeroed, 'pan 0 by compass: ' . PlainText::number($zeroed->rig->base->zeroBearingDegrees) . '°', isSourced: true);
    }
}
