<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

use Evrent\Core\Messages\Failure;

/**
 * A child process was killed for what it used up, or could not be started.
 */
final class ChildFailed extends Failure
{
}
