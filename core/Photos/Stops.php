<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * How bright pictures are against each other.
 */
final class Stops
{
    /** Of light: darker than this a photo is black. */
    public const BLACK = 1e-4;

    /**
     * @param array<int, float> $lumas 0 to 1, of light, by number
     *
     * @return array<int, float> stops over the middle one, by number
     */
    public static function overMiddle(array $lumas): array
    {
        $sorted = array_values($lumas);
        sort($sorted);
        $middle = $sorted === [] ? 1.0 : max(self::BLACK, $sorted[intdiv(count($sorted), 2)]);

        return array_map(static fn (float $luma): float => log(max(self::BLACK, $luma) / $middle, 2), $lumas);
    }
}
