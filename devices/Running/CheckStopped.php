<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use RuntimeException;

/**
 * Somebody asked for a check of the devices to stop.
 */
final class CheckStopped extends RuntimeException
{
}
