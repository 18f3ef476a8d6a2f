<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * Who ends an exposure.
 */
enum TimedBy: string
{
    /** The controller holds the shutter open for as long as the plan says. */
    case Controller = 'controller';

    /** The camera, by the shutter time that it is set to. */
    case Camera = 'camera';
}
