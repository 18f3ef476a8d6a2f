<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * Who sets the shutter while the shot runs.
 */
enum Control: string
{
    /** The plan: one exposure, or keys along the shot. */
    case Manual = 'manual';

    /** The camera, by its own meter, for the aperture and ISO that it is given. */
    case AperturePriority = 'aperture_priority';

    /** The plan sets the shutter; the camera's meter opens and closes the aperture, as far as the lens goes. */
    case ShutterPriority = 'shutter_priority';
}
