<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Motion\Rig;

/**
 * Which letter of G-code an axis has: X carries the camera along, C turns it about the vertical, A about the horizontal; others follow.
 */
final class Letters
{
    public const OTHERS = ['Y', 'Z', 'B', 'U', 'V', 'W', 'E', 'D', 'H', 'K', 'L', 'Q'];

    /**
     * @param array<string, string> $own letters that a rig has otherwise, by axis id
     *
     * @return array<string, string> letters by axis id, X, C and A first
     */
    public static function of(Rig $rig, array $own = []): array
    {
        $letters = $own;
        foreach ($rig->axes as $axis) {
            $letters[$axis->id] ??= self::usual($axis) ?? array_values(array_diff(self::OTHERS, $letters))[0];
        }
        $order = array_flip(['X', 'C', 'A']);
        uasort($letters, static fn (string $a, string $b): int => [$order[$a] ?? 9, $a] <=> [$order[$b] ?? 9, $b]);

        return array_intersect_key($letters, array_flip($rig->axisIds()));
    }

    private static function usual(Axis $axis): ?string
    {
        return match ($axis->role) {
            AxisRole::Slide => 'X',
            AxisRole::Pan => 'C',
            AxisRole::Tilt => 'A',
            AxisRole::Other => null,
        };
    }
}
