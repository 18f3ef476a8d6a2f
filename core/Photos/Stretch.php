<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * The longest stretch of photos with none among them that spoils the clip.
 */
final class Stretch
{
    /**
     * @param ?array{int, int} $stretch as `longest()` found it
     *
     * @return float seconds of the clip; 0 where there is none
     */
    public static function clipSeconds(?array $stretch, float $framesPerSecond): float
    {
        return $stretch === null ? 0.0 : ($stretch[1] - $stretch[0] + 1) / $framesPerSecond;
    }

    /**
     * @param int       $photos in all, numbered from 1
     * @param list<int> $spoilt numbers
     *
     * @return ?array{int, int} first and last number; null where there is none
     */
    public static function longest(int $photos, array $spoilt): ?array
    {
        $isSpoilt = array_flip($spoilt);
        $best = null;
        $begin = 1;
        for ($number = 1; $number <= $photos + 1; $number++) {
            if ($number <= $photos && !isset($isSpoilt[$number])) {
                continue;
            }
            if ($number > $begin && ($best === null || $number - $begin > $best[1] - $best[0] + 1)) {
                $best = [$begin, $number - 1];
            }
            $begin = $number + 1;
        }

        return $best;
    }
}
