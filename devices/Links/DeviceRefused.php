<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Text;

/**
 * A device answered that it will not do something.
 */
final class DeviceRefused extends Failure
{
    /**
     * @param int $number as the device has it, 0 where it has none
     */
    public function __construct(Text|string $says, public readonly int $number = 0)
    {
        parent::__construct($says);
    }
}
