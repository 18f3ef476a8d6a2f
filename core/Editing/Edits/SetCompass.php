<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\Framing;
use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Format\PlanProvenance;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;

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
        $reading = $given->number('compass', new Message('editing.set_compass.reading'));
        $variation = $given->has('variation') ? $given->number('variation', new Message('editing.set_compass.variation')) : 0.0;
        $zeroed = $given->under(static fn (): Plan => Framing::byCompass($plan, $reading, $variation));

        // Read as 0 it is known to be 0.
        $zeroed = PlanProvenance::confirmed($zeroed, ['/rig/base/zero_bearing_deg'], Source::Measured);

        return new TypedEdit($zeroed, new Message('editing.set_compass.done', [
            'zeroBearingDegrees' => Quantity::number($zeroed->rig->base->zeroBearingDegrees),
        ]), isSourced: true);
    }
}
