<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

/**
 * The forms that numbers are read in.
 */
enum QuantityForm: string
{
    case Number = 'number';
    case Rounded = 'rounded';
    case Limit = 'limit';
    case Fixed = 'fixed';
    case Signed = 'signed';
    case Between = 'between';
    case BetweenSigned = 'between_signed';
    case Counted = 'counted';
    case WithUnit = 'with_unit';
    case Photos = 'photos';
    case Exposure = 'exposure';
    case Shutter = 'shutter';
    case Seconds = 'seconds';
    case Duration = 'duration';
    case Span = 'span';
    case Stopwatch = 'stopwatch';
    case Bytes = 'bytes';
}
