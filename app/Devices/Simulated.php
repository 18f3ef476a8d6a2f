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
        return $address === self::NAME ? self::at('rig') : $address;
    }

    /** @param string $address as the kit or a take has it */
    public static function camera(string $address): string
    {
        return match ($address) {
            self::NAME => 'ptp:' . self::at('camera'),
            'own:' . self::NAME => 'own:ptp:' . self::at('camera'),
            default => $address,
        };
    }

    private static function at(string $device): string
    {
        $address = preg_replace('/^ptp:/', '', config()->string("evrent.{$device}_address"));
        if ($address === '' || $address === null) {
            // Where none runs, nothing answers.
            return self::NAME;
        }
        // A device whose port was another program's took the next, and says which.
        $told = @file(config()->string('evrent.run') . "/{$device}.at", FILE_IGNORE_NEW_LINES);

        return $told === false || $told === [] ? $address : $told[0] . strstr($address, '#');
    }
}
