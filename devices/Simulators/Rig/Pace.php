<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * How fast a block is gone.
 */
enum Pace
{
    /** Each axis as fast as it can. */
    case Fastest;
    /** All in step, at a feed along the way. */
    case Feed;
    /** All evenly, in a given time or what it takes. */
    case InTime;
}
