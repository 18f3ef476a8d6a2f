<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * The simulated rig and camera that run beside this copy. The kit has them by a name: where they are reached is another place with each start.
 */
final class Simulated
{
    public const NAME = 'sim';

    /** @return ?string where a rig is reached that the kit, or a take, has under this address */
    public static function rig(?string $address): ?string
    {
        return $address === self::NAME ? self::at('rig_address') : $address;
    }

    /** @param string $address as the kit or a take has it */
    public static function camera(string $address): string
    {
        return match ($address) {
            self::NAME => self::at('camera_address'),
            'own:' . self::NAME => 'own:' . self::at('camera_address'),
            default => $address,
        };
    }

    private static function at(string $setting): string
    {
        $address = config()->string("evrent.{$setting}");

        // Where none runs, nothing answers.
        return $address === '' ? self::NAME : $address;
    }
}
