<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * What a controller takes as "ramp": there are two conventions, and the display does not say which.
 */
enum RampEntry: string
{
    /** One number for both ends together, which the controller halves. */
    case Total = 'total';
    /** A number for each end. */
    case EachEnd = 'each_end';
}
