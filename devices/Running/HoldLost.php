<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use RuntimeException;

/**
 * Somebody else drives the take by now: whoever learns of it touches neither rig nor camera any more.
 */
final class HoldLost extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('Somebody else drives this take by now.');
    }
}
