<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * What the status line says first.
 */
enum RigState: string
{
    case Idle = 'Idle';
    case Run = 'Run';
    case Hold = 'Hold';
    case Home = 'Home';
    case Alarm = 'Alarm';
}
