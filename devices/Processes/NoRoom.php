<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

use RuntimeException;

/**
 * The disk is full: whatever was to be done is begun again when there is room.
 */
final class NoRoom extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('The disk is full. Make room on it: it goes on by itself.');
    }
}
