<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * What a device's address leads to, however it is written: two addresses of one device are one.
 */
final class DeviceAddress
{
    private const MOST = 180;

    /** @param string $address HOST:PORT or a serial port, as the kit has it */
    public static function ofRig(string $address): string
    {
        return str_starts_with($address, '/') ? self::file($address) : self::tcp($address);
    }

    /**
     * @param string $address as `CameraLinks` takes it
     *
     * @return ?string null for one that is on the trigger line alone: nobody talks to it
     */
    public static function ofCamera(string $address): ?string
    {
        $address = (string) preg_replace('/^own:?/', '', $address);

        return match (true) {
            $address === '', $address === 'deaf' => null,
            str_starts_with($address, 'ptp:') => self::tcp(substr($address, strlen('ptp:'))),
            // Of its two ports the first is the one that commands.
            str_starts_with($address, 'ptpip:') => self::tcp(implode(':', array_slice(explode(':', substr($address, strlen('ptpip:'))), 0, 2))),
            default => substr($address, 0, self::MOST),
        };
    }

    private static function file(string $address): string
    {
        $path = explode('@', $address)[0];
        $real = realpath($path);

        return substr($real === false ? $path : $real, 0, self::MOST);
    }

    private static function tcp(string $address): string
    {
        $address = explode('#', $address)[0];
        if (!str_contains($address, ':')) {
            return substr($address, 0, self::MOST);
        }
        $at = (int) strrpos($address, ':');
        $host = strtolower(trim(substr($address, 0, $at), '[]'));
        $port = (string) (int) substr($address, $at + 1);
        $number = filter_var($host, FILTER_VALIDATE_IP) === false ? gethostbyname($host) : $host;

        return 'tcp ' . substr(self::isHere($number) ? 'here' : $number, 0, self::MOST) . " {$port}";
    }

    /** Whether it is this machine itself. */
    private static function isHere(string $number): bool
    {
        if (str_starts_with($number, '127.') || in_array($number, ['::1', '0.0.0.0', '::', '::ffff:127.0.0.1'], true)) {
            return true;
        }
        $cards = net_get_interfaces();
        foreach ($cards === false ? [] : $cards as $card) {
            $unicast = is_array($card) ? $card['unicast'] ?? null : null;
            $addresses = array_column(is_array($unicast) ? $unicast : [], 'address');
            if (in_array($number, $addresses, true)) {
                return true;
            }
        }

        return false;
    }
}
