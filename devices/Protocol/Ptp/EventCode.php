<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * What a camera says without being asked (ISO 15740, clause 12).
 */
enum EventCode: int
{
    case ObjectAdded = 0x4002;
    case ObjectRemoved = 0x4003;
    case DevicePropChanged = 0x4006;
    case StoreFull = 0x400a;
    case CaptureComplete = 0x400d;
}
