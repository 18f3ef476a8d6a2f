<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Ptp;

/**
 * How a camera answers (ISO 15740, clause 11).
 */
enum Response: int
{
    case Ok = 0x2001;
    case GeneralError = 0x2002;
    case SessionNotOpen = 0x2003;
    case OperationNotSupported = 0x2005;
    case IncompleteTransfer = 0x2007;
    case InvalidStorageId = 0x2008;
    case InvalidObjectHandle = 0x2009;
    case PropertyNotSupported = 0x200a;
    case StoreFull = 0x200c;
    case NoThumbnail = 0x2010;
    case CaptureAlreadyTerminated = 0x2018;
    case DeviceBusy = 0x2019;
    case InvalidPropertyValue = 0x201c;
    case InvalidParameter = 0x201d;
    case SessionAlreadyOpen = 0x201e;
}
