<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * How far a take is.
 */
enum Status: string
{
    /** Made, and nothing has moved. */
    case Prepared = 'prepared';
    /** At the first place, until it is time. */
    case Waiting = 'waiting';
    case Running = 'running';
    case Paused = 'paused';
    case Ended = 'ended';
    /** A restored backup brought it back: nobody drives it until somebody says so. */
    case Interrupted = 'interrupted';
}
