<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\RepeatedNumbers;
use PHPUnit\Framework\TestCase;

final class RepeatedNumbersTest extends TestCase
{
    public function testWritesEveryNumberAsItIsWrittenAloneHoweverManyThereAre(): void
    {
        mt_srand(7);
        $repeated = new RepeatedNumbers();
        $seen = [0.0, -0.0, 0.1 + 0.2, 0.3, 8.0, 1e-9, -88.8888888889];
        for ($n = 0; $n < 3_000; $n++) {
            $seen[] = mt_rand(-1_000_000, 1_000_000) / 7.0;
        }
        foreach ([...$seen, ...array_reverse($seen)] as $value) {
            self::assertSame(PlainText::number($value), $repeated->text($value));
        }
        self::assertSame('', $repeated->text(null));
    }
}
