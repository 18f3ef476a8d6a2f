<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

/**
 * The three figures that hang together: two are held, the third follows.
 */
enum Figure: string
{
    /** All photos, and with them the clip. */
    case Photos = 'photos';
    /** From trigger to trigger. */
    case Interval = 'interval';
    /** Photos times interval. */
    case Shooting = 'shooting';
}
