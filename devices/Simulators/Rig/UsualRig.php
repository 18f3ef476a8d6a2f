<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Rig;

/**
 * The simulated rig where no plan says otherwise: a slide of 1,200 mm with a pan and a tilt.
 */
final class UsualRig
{
    public static function make(): Rig
    {
        return new Rig([
            new Axis('slide', AxisKind::Linear, 0.0, 1200.0, 25.0, 60.0, 80.0, 0.05),
            new Axis('pan', AxisKind::Rotary, -180.0, 180.0, 12.0, 30.0, 88.888_888_888_9, 0.02),
            new Axis('tilt', AxisKind::Rotary, -45.0, 45.0, 8.0, 20.0, 88.888_888_888_9, 0.02),
        ]);
    }
}
