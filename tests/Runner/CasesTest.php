<?php

declare(strict_types=1);

namespace Tests\Runner;

use PHPUnit\Framework\TestCase;

final class CasesTest extends TestCase
{
    /** @var array<string, string|false> as they were */
    private array $before = [];

    protected function setUp(): void
    {
        foreach (['EVRENT_TEST_SEED', 'EVRENT_TEST_LONG'] as $name) {
            $this->before[$name] = getenv($name);
        }
    }

    protected function tearDown(): void
    {
        foreach ($this->before as $name => $value) {
            putenv($value === false ? $name : "{$name}={$value}");
        }
    }

    public function testATenthIsDrawnBySeedAndIsPartOfAll(): void
    {
        putenv('EVRENT_TEST_LONG=0');
        $drawn = [];
        for ($seed = 1; $seed <= 60; $seed++) {
            putenv("EVRENT_TEST_SEED={$seed}");
            $some = Cases::numbers(100, 7);
            self::assertCount(10, $some);
            self::assertSame([], array_diff($some, range(7, 106)));
            $inOrder = $some;
            sort($inOrder);
            self::assertSame($inOrder, $some);
            self::assertSame($some, Cases::numbers(100, 7));
            $drawn += array_flip($some);
        }
        self::assertGreaterThan(95, count($drawn), 'in time every case is drawn');
    }

    public function testTheLongRunHasAllAndAFewAreNeverNone(): void
    {
        putenv('EVRENT_TEST_LONG=1');
        self::assertSame(range(1, 100), Cases::numbers(100));
        putenv('EVRENT_TEST_LONG=0');
        self::assertSame([1], Cases::numbers(1));
        self::assertCount(2, Cases::numbers(5));
        self::assertSame([], Cases::some([]));
        self::assertCount(3, Cases::named(['a' => 1, 'b' => 2, 'c' => 3, 'd' => 4], 3));
        self::assertSame(['a' => 1, 'b' => 2], Cases::named(['a' => 1, 'b' => 2], 3));
    }
}
