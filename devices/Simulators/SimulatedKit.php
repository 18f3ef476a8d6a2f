<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators;

use Evrent\Core\Budget\Battery;
use Evrent\Core\Budget\CameraPower;
use Evrent\Core\Budget\RigPower;
use Evrent\Core\Format\KitFormat;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Timing\Camera;

/**
 * The simulated rig and body as they are, whatever is planned on them: one file, which is what the kit has of them too.
 */
final class SimulatedKit
{
    private const FILE = __DIR__ . '/simulated.json';

    /** @return list<KitItem> */
    public static function pieces(): array
    {
        return KitFormat::read((string) file_get_contents(self::FILE));
    }

    public static function rig(): Rig
    {
        return new Rig(self::piece(KitKind::Rig)->axes());
    }

    /** @return array<string, string> of G-code, by axis id */
    public static function letters(): array
    {
        return self::piece(KitKind::Rig)->words->letters();
    }

    public static function rigPower(): RigPower
    {
        $rig = self::piece(KitKind::Rig);

        return new RigPower(
            new Battery((float) $rig->value('battery_wh')),
            (float) $rig->value('moving_w'),
            (float) $rig->value('holding_w'),
            (float) $rig->value('idle_w'),
        );
    }

    public static function camera(): Camera
    {
        $body = self::piece(KitKind::Body);

        return new Camera((float) $body->value('shutter_lag_s'), (float) $body->value('write_s'), (int) $body->value('buffer_frames'));
    }

    public static function cameraPower(): CameraPower
    {
        $body = self::piece(KitKind::Body);

        return new CameraPower(
            new Battery((float) $body->value('battery_wh')),
            (float) $body->value('idle_w'),
            (float) $body->value('exposing_w'),
            (float) $body->value('photo_j'),
        );
    }

    private static function piece(KitKind $kind): KitItem
    {
        foreach (self::pieces() as $piece) {
            if ($piece->kind === $kind) {
                return $piece;
            }
        }
        throw new \LogicException("there is no simulated {$kind->value}");
    }
}
