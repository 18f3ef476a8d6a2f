<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use RuntimeException;

/**
 * Somebody pressed Stop.
 */
final class Halted extends RuntimeException
{
}
