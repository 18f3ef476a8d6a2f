<?php

declare(strict_types=1);

namespace Evrent\Cli;

use RuntimeException;

/**
 * An option or a file that a command cannot use.
 */
final class BadUsage extends RuntimeException
{
}
