<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * The two conventions for what "interval" means.
 */
enum IntervalMeaning: string
{
    /** From trigger to trigger. */
    case StartToStart = 'start_to_start';
    /** From the end of one exposure to the next trigger. */
    case Gap = 'gap';
}
