<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * What a host can ask of a camera (ISO 15740, clause 10).
 */
enum Operation: int
{
    case GetDeviceInfo = 0x1001;
    case OpenSession = 0x1002;
    case CloseSession = 0x1003;
    case GetStorageIds = 0x1004;
    case GetStorageInfo = 0x1005;
    case GetNumObjects = 0x1006;
    case GetObjectHandles = 0x1007;
    case GetObjectInfo = 0x1008;
    case GetObject = 0x1009;
    case GetThumb = 0x100a;
    case DeleteObject = 0x100b;
    case InitiateCapture = 0x100e;
    case GetDevicePropDesc = 0x1014;
    case GetDevicePropValue = 0x1015;
    case SetDevicePropValue = 0x1016;
    case TerminateOpenCapture = 0x1018;
    case GetPartialObject = 0x101b;
    case InitiateOpenCapture = 0x101c;

    /** Our own: a JPEG of what it sees now. Parameters: how many times magnified, and the middle of that in thousandths of width and height. */
    case GetLiveFrame = 0x9f01;
}
