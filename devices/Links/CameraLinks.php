<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * The link that an address stands for: "" or "deaf" for the trigger line alone, "ptp:HOST:PORT", or "usb:" and "ptpip:…" as gphoto2 has them; "own", or
 * "own:" before another, for a camera that fires by its own timer.
 */
final class CameraLinks
{
    private const OWN = 'own';

    /**
     * @param bool $isOwnTimer whether the plan has the camera fire by its own timer
     */
    public static function at(string $address, bool $isOwnTimer = false): CameraLink
    {
        if ($isOwnTimer && !self::isOwnTimer($address)) {
            return new OwnTimerCamera(self::at($address));
        }

        return self::link($address);
    }

    /** Whether a camera is one that fires by its own timer alone. */
    public static function isOwnTimer(string $address): bool
    {
        return $address === self::OWN || str_starts_with($address, self::OWN . ':');
    }

    private static function link(string $address): CameraLink
    {
        return match (true) {
            $address === '' || $address === 'deaf' => new DeafCamera(),
            $address === self::OWN => new OwnTimerCamera(new DeafCamera()),
            str_starts_with($address, self::OWN . ':') => new OwnTimerCamera(self::link(substr($address, strlen(self::OWN) + 1))),
            str_starts_with($address, 'ptp:') => new PtpCamera(substr($address, strlen('ptp:'))),
            default => new GphotoCamera($address),
        };
    }
}
