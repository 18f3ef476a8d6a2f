<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Take;

/**
 * How a take ended.
 */
enum Ending: string
{
    case Complete = 'complete';
    /** It went to its end, and photos are missing, uncertain or wrongly exposed; or it ran out of card or battery. */
    case Incomplete = 'incomplete';
    case FinishedEarly = 'finished_early';
    case Aborted = 'aborted';
    case Failed = 'failed';
}
