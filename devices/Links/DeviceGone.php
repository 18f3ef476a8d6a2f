<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Messages\Failure;

/**
 * A device does not answer any more. It may be there again in a moment.
 */
class DeviceGone extends Failure
{
}
