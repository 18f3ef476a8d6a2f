<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * What the line that is under way waits for before it is answered.
 */
enum Wait
{
    case Nothing;
    /** A time: the end of a dwell, of homing, of a late answer. */
    case Time;
    /** The trigger line to open. */
    case Trigger;
    /** All motion to end. */
    case Rest;
    /** Room for one more motion. */
    case Room;
}
