<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Evrent\Core\Timing\Between;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KeyedSecondsTest extends TestCase
{
    public function testIntervalsGoByEqualSecondsAndExposuresByEqualStops(): void
    {
        $keys = [['at' => 0.0, 'seconds' => 1.0], ['at' => 0.5, 'seconds' => 4.0], ['at' => 1.0, 'seconds' => 2.0]];
        self::assertSame([1.0, 2.5, 4.0, 3.0, 2.0], (new KeyedSeconds($keys, Between::Linear))->column(5));
        self::assertEqualsWithDelta([1.0, 2.0, 4.0, sqrt(8), 2.0], (new KeyedSeconds($keys, Between::Stops))->column(5), 1e-12);
    }

    /**
     * @return iterable<string, array{non-empty-list<array{at: float, seconds: float}>, string}>
     */
    public static function impossible(): iterable
    {
        yield 'zero' => [[['at' => 0.0, 'seconds' => 0.0]], ''];
        yield 'NaN' => [[['at' => 0.0, 'seconds' => NAN]], ''];
        yield 'more than a day' => [[['at' => 0.0, 'seconds' => 86_401.0]], ''];
        yield 'does not start at 0' => [[['at' => 0.1, 'seconds' => 1.0], ['at' => 1.0, 'seconds' => 1.0]], '/0/at'];
        yield 'does not end at 1' => [[['at' => 0.0, 'seconds' => 1.0], ['at' => 0.9, 'seconds' => 1.0]], '/1/at'];
        yield 'does not rise' => [[['at' => 0.0, 'seconds' => 1.0], ['at' => 0.0, 'seconds' => 1.0], ['at' => 1.0, 'seconds' => 1.0]], '/1/at'];
        yield 'negative key' => [[['at' => 0.0, 'seconds' => 1.0], ['at' => 1.0, 'seconds' => -1.0]], '/1/seconds'];
    }

    /**
     * @param non-empty-list<array{at: float, seconds: float}> $keys
     */
    #[DataProvider('impossible')]
    public function testImpossibleKeysAreRefused(array $keys, string $pointer): void
    {
        try {
            new KeyedSeconds($keys, Between::Linear);
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertContains($pointer, array_column($invalid->problems, 'pointer'));
        }
    }
}
