<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;

/**
 * Somebody else drives the take by now: whoever learns of it touches neither rig nor camera any more.
 */
final class HoldLost extends Failure
{
    public function __construct()
    {
        parent::__construct(new Message('devices.run.hold_lost'));
    }
}
