<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * The photos around one, itself among them.
 */
final class Neighbours
{
    private const EITHER_SIDE = 2;

    /**
     * @param int $photos in all
     *
     * @return list<int> numbers from 1
     */
    public static function of(int $number, int $photos): array
    {
        return range(max(1, $number - self::EITHER_SIDE), min($photos, $number + self::EITHER_SIDE));
    }
}
