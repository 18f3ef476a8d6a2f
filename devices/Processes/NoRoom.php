<?php

declare(strict_types=1);

namespace Evrent\Devices\Processes;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;

/**
 * The disk is full: whatever was to be done is begun again when there is room.
 */
final class NoRoom extends Failure
{
    public function __construct(?Message $says = null)
    {
        parent::__construct($says ?? new Message('devices.process.disk_full'));
    }
}
