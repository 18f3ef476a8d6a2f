<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * What a camera's mode dial stands on, as far as it matters to who ends an exposure.
 */
enum Dial: string
{
    case Bulb = 'bulb';
    case Manual = 'manual';
    case AperturePriority = 'aperture_priority';
    case ShutterPriority = 'shutter_priority';
}
