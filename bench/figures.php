<?php

declare(strict_types=1);

/**
 * Runs something often and prints the middle and the slow end of its times.
 *
 * @param callable(): mixed $work
 *
 * @return float the slow end, milliseconds: what 95 of 100 stay under
 */
function figures(string $what, int $times, callable $work): float
{
    $work();
    $milliseconds = [];
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $work();
        $milliseconds[] = (hrtime(true) - $start) / 1e6;
    }
    sort($milliseconds);
    $slow = $milliseconds[(int) ceil($times * 0.95) - 1];
    printf("%-58s median %8.2f ms   95 %% under %8.2f ms\n", $what, $milliseconds[intdiv($times, 2)], $slow);

    return $slow;
}
