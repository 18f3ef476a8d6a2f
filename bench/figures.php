<?php

declare(strict_types=1);

/**
 * Runs something often and prints the middle and the slow end of its times.
 *
 * @param callable(): mixed $work
 */
function figures(string $what, int $times, callable $work): void
{
    $work();
    $milliseconds = [];
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $work();
        $milliseconds[] = (hrtime(true) - $start) / 1e6;
    }
    sort($milliseconds);
    printf("%-58s median %8.2f ms   95 %% under %8.2f ms\n", $what, $milliseconds[intdiv($times, 2)], $milliseconds[(int) ceil($times * 0.95) - 1]);
}
