<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use RuntimeException;

/**
 * A device answered that it will not do something.
 */
final class DeviceRefused extends RuntimeException
{
    /**
     * @param int $number as the device has it, 0 where it has none
     */
    public function __construct(string $message, public readonly int $number = 0)
    {
        parent::__construct($message);
    }
}
