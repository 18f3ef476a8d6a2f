<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What somebody can say to a take that is under way.
 */
enum Order: string
{
    /** Hold after this photo. */
    case Pause = 'pause';
    case GoOn = 'go_on';
    /** Stop the move here, take the photos of the tail, and end. */
    case Finish = 'finish';
    /** Stop at once, wherever it is. */
    case Abort = 'abort';
    /** Stop motion: take the next photo. */
    case Snap = 'snap';
    /** Stop motion: go back by so many photos, and shoot them again. */
    case StepBack = 'step_back';
    /** Somebody turned what the camera cannot be set to from here. */
    case Turned = 'turned';
    /** Before the start: set what contradicts the plan. */
    case SetIt = 'set_it';
    /** Before the start: use it as it is. */
    case AsIs = 'as_is';
    /** These photos are spoilt, or not: a word for the log. */
    case Mark = 'mark';
    /** The alarm was seen. */
    case Quiet = 'quiet';
}
