<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * What a line of a take's log tells. From the lines alone, in their order, everything that has happened is known again.
 */
enum LogKind: string
{
    /** The rig was homed: it knows where it stands. */
    case Homed = 'homed';
    /** What the devices tell contradicts the plan: the first photo waits until it is resolved. */
    case Contradiction = 'contradiction';
    /** It was set, or is used as it is. */
    case Resolved = 'resolved';
    /** The run's time begins: the first photo is due. */
    case Started = 'started';
    /** The rig sets out for the place of a photo. */
    case Move = 'move';
    /** It stands there. */
    case Arrived = 'arrived';
    /** The camera was set: what was asked of it, and what it has. */
    case Set = 'set';
    /** A photo is about to be triggered. */
    case Intent = 'intent';
    /** It was triggered, and its shutter is closed. */
    case Outcome = 'outcome';
    /** The camera says that it has it, and as what. */
    case Confirmed = 'confirmed';
    /** It was not taken: it is shot again, or given up. */
    case NotTaken = 'not_taken';
    /** Whoever ran the take was away, and goes on from here. */
    case Gap = 'gap';
    /** Photos that were left out to keep to the clock. */
    case Skipped = 'skipped';
    /** Somebody said what to do. */
    case Command = 'command';
    /** Something is not as it should be. */
    case Alarm = 'alarm';
    /** It is well again, or was seen. */
    case AlarmOver = 'alarm_over';
    /** Photos that somebody marked spoilt, or took the mark off. */
    case Mark = 'mark';
    case Note = 'note';
    case Ended = 'ended';
}
