<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

/**
 * What became of a line that was to be kept.
 */
enum Appended
{
    case Stored;
    /** This very line is there: the answer of the last time was lost. */
    case StoredBefore;
    /** Somebody else drives the take by now, or wrote that line: whoever wrote this one stops. */
    case Refused;
    /** What keeps lines does not answer. */
    case Away;
}
