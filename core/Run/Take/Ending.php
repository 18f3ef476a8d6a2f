<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * How a take ended.
 */
enum Ending: string
{
    case Complete = 'complete';
    case FinishedEarly = 'finished_early';
    case Aborted = 'aborted';
    case Failed = 'failed';
}
