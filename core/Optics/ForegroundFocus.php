<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

/**
 * How the nearest thing that matters is to come out.
 */
enum ForegroundFocus: string
{
    case Sharp = 'sharp';
    /** On purpose: so far out of focus that nobody takes it for a mistake. */
    case Soft = 'soft';
}
