<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Messages\Message;
use Evrent\Devices\Links\DeviceGone;

/**
 * The rig was held for a while, and has forgotten what it was still to do.
 */
final class FeedHeld extends DeviceGone
{
    /**
     * @param ?int $moved the photo that was being exposed while the rig came to rest
     */
    public function __construct(public readonly ?int $moved)
    {
        parent::__construct(new Message('devices.run.log_held'));
    }
}
