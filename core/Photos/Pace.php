<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * How long reading goes on, as it has gone so far.
 */
final class Pace
{
    /**
     * @param float $seconds that it took so far
     *
     * @return ?float seconds that are left; null while that cannot be said
     */
    public static function left(int $done, int $all, float $seconds): ?float
    {
        return $done < 1 || $seconds <= 0.0 ? null : $seconds * max(0, $all - $done) / $done;
    }
}
