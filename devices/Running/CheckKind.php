<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

/**
 * What devices are asked before a shot.
 */
enum CheckKind: string
{
    /** What they know of themselves: nothing moves. */
    case Ask = 'ask';
    /** The rig drives to each end of the move. */
    case Ends = 'ends';
    /** The rig drives to each keyframe, and a test photo is taken there. */
    case Keyframes = 'keyframes';
}
