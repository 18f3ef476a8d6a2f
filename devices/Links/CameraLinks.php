<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * The link that an address stands for: "" or "deaf" for the trigger line alone, "ptp:HOST:PORT", or "usb:" and "ptpip:…" as gphoto2 has them.
 */
final class CameraLinks
{
    public static function at(string $address): CameraLink
    {
        return match (true) {
            $address === '' || $address === 'deaf' => new DeafCamera(),
            str_starts_with($address, 'ptp:') => new PtpCamera(substr($address, strlen('ptp:'))),
            default => new GphotoCamera($address),
        };
    }
}
