<?php

declare(strict_types=1);

namespace Tests\Runner;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * The cases of a property that this run tries: a tenth of them, drawn by the run's seed, or all of them in `bin/test long`. What is
 * drawn is always a part of all, so that whatever the long run has passed cannot fail for another draw alone.
 */
final class Cases
{
    private const SHARE = 10;

    public static function isLong(): bool
    {
        return getenv('EVRENT_TEST_LONG') === '1';
    }

    /** From the commit that bin/test runs on, or from its --seed. */
    public static function seed(): int
    {
        return (int) getenv('EVRENT_TEST_SEED');
    }

    /**
     * @param int $share one in so many of them
     *
     * @return non-empty-list<int> some of $from to $from + $count - 1, in their order
     */
    public static function numbers(int $count, int $from = 1, int $share = self::SHARE): array
    {
        return self::some(range($from, $from + $count - 1), share: $share);
    }

    /**
     * @template T
     *
     * @param list<T> $all
     * @param int     $least so many at least, where there are as many
     * @param int     $share one in so many of them
     *
     * @return ($all is non-empty-list ? non-empty-list<T> : list<T>) some of them, in their order
     */
    public static function some(array $all, int $least = 2, int $share = self::SHARE): array
    {
        $wanted = max(1, max($least, (int) ceil(count($all) / $share)));
        if (self::isLong() || $all === [] || $wanted >= count($all)) {
            return $all;
        }
        $picked = (new Randomizer(new Xoshiro256StarStar(self::seed())))->pickArrayKeys($all, $wanted);
        sort($picked);

        return array_map(static fn (int|string $key): mixed => $all[$key], $picked);
    }

    /**
     * Some of a data set, with their names.
     *
     * @template T
     *
     * @param iterable<string, T> $all
     *
     * @return array<string, T>
     */
    public static function named(iterable $all, int $least = 2): array
    {
        $all = is_array($all) ? $all : iterator_to_array($all);

        return array_intersect_key($all, array_flip(self::some(array_keys($all), $least)));
    }
}
