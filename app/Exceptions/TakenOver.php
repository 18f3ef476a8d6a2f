<?php

declare(strict_types=1);

namespace App\Exceptions;

use RuntimeException;

/**
 * Another worker has the rig by now.
 */
final class TakenOver extends RuntimeException
{
    public function __construct()
    {
        parent::__construct('Another worker has the rig by now.');
    }
}
