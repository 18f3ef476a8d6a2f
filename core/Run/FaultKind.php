<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * What can go wrong in a run, to rehearse it.
 */
enum FaultKind: string
{
    /** The camera does not fire for this photo, as with a cable that is not seated. */
    case MissedTrigger = 'missed_trigger';
    /** From this photo on the card takes `factor` times as long, for `photos` photos. */
    case SlowCard = 'slow_card';
    /** From the move after this photo on the axis does not turn, for `photos` moves. */
    case StalledAxis = 'stalled_axis';
    /** The move after this photo ends `steps` short; the motor does not know. */
    case LostSteps = 'lost_steps';
    /** The timer fires no more after this photo. */
    case TimerStops = 'timer_stops';
    /** Power goes after this photo and is back after `seconds`; the run goes on at the right photo. */
    case PowerCut = 'power_cut';
    /** The shooter pauses after this photo for `seconds`. */
    case Pause = 'pause';
}
