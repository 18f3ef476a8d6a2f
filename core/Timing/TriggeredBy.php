<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * Who decides when the shutter opens.
 */
enum TriggeredBy: string
{
    /** The rig's controller fires the camera, and waits for it. */
    case Rig = 'rig';
    /** The camera's own timer; rig and camera know nothing of each other. */
    case CameraTimer = 'camera_timer';
}
