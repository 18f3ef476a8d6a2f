<?php

declare(strict_types=1);

/**
 * Runs something often and prints the middle and the slow end of its times.
 *
 * @param callable(): mixed $work
 */
function figures(string $what, int $times, callable $work): void
{
    figuresInTurn($times, 1, [$what => $work]);
}

/**
 * The same for several, one after the other each time: what else the machine does meanwhile strikes all alike.
 *
 * @param int                            $unmeasured how often it is done before, so that caches and compiled paths are there
 * @param array<string, callable(): mixed> $works    by what they are called
 *
 * @return array<string, float> the slow end of each, milliseconds: what 95 of 100 stay under
 */
function figuresInTurn(int $times, int $unmeasured, array $works): array
{
    $milliseconds = array_fill_keys(array_keys($works), []);
    for ($i = 0; $i < $unmeasured + $times; $i++) {
        foreach ($works as $what => $work) {
            $start = hrtime(true);
            $work();
            if ($i >= $unmeasured) {
                $milliseconds[$what][] = (hrtime(true) - $start) / 1e6;
            }
        }
    }
    $slow = [];
    foreach ($milliseconds as $what => $each) {
        sort($each);
        $slow[$what] = $each[(int) ceil($times * 0.95) - 1];
        printf("%-58s median %8.2f ms   95 %% under %8.2f ms\n", $what, $each[intdiv($times, 2)], $slow[$what]);
    }

    return $slow;
}
