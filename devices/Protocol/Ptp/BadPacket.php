<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

use RuntimeException;

/**
 * Bytes that are no packet of PTP.
 */
final class BadPacket extends RuntimeException
{
}
