<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Sky\Gazetteer;
use PHPUnit\Framework\TestCase;

final class GazetteerTest extends TestCase
{
    /** Made up, but for the form of its lines. */
    private static function gazetteer(int $others = 0): Gazetteer
    {
        $lines = [
            "saltreach\t999998000\tSaltreach\tGB\t52.2000\t0.9000\tEurope/London", "saltreach\t999000000\tSaltreach\tCA\t45.1000\t-64.2000\tAmerica/Halifax",
            "saltreach mill\t999999900\tSaltreach Mill\tGB\t52.2100\t0.9100\tEurope/London", "são tidal\t999999000\tx\tPT\t38.0\t-9.0\tEurope/Lisbon",
            "zoutrak\t999990000\tZoutrāk\tNL\t52.0\t4.0\tEurope/Amsterdam", "abrewatering\t999999999\tAbrewatering\tGB\t51.0\t1.0\tEurope/London",
        ];
        for ($n = 0; $n < $others; $n++) {
            $lines[] = sprintf("place %05d\t999999999\tPlace %05d\tGB\t50.0\t0.0\tEurope/London", $n, $n);
        }
        sort($lines, SORT_STRING);
        $text = implode("\n", $lines) . "\n";

        return new Gazetteer(static fn (int $offset, int $bytes): string => substr($text, $offset, $bytes), strlen($text));
    }

    public function testTheLargestOfANameComesFirstAndTheExactNameBeforeLongerOnes(): void
    {
        foreach ([0, 1, 999] as $others) {
            $found = self::gazetteer($others)->find('Saltreach');
            self::assertSame(['CA', 'GB', 'GB'], array_column($found, 'country'));
            self::assertSame('Saltreach Mill', $found[2]['name']);
            self::assertSame([45.1, -64.2, 'America/Halifax'], [$found[0]['latitude'], $found[0]['longitude'], $found[0]['zone']]);
        }
    }

    public function testItIsFoundWithoutAccentsFirstAndLastAndNotAtAll(): void
    {
        $gazetteer = self::gazetteer(50);
        self::assertSame(['Zoutrāk'], array_column($gazetteer->find('ZOUTRÁK'), 'name'));
        self::assertSame(['Abrewatering'], array_column($gazetteer->find('abre'), 'name'));
        self::assertSame(['Place 00049'], array_column($gazetteer->find('place 00049'), 'name'));
        foreach (['', ' ', 'a', 'zz', 'nowhere', "\u{FFFF}", '%', 'saltreach mills'] as $nothing) {
            self::assertSame([], $gazetteer->find($nothing), $nothing);
        }
        self::assertCount(8, $gazetteer->find('place'));
        self::assertSame([], (new Gazetteer(static fn (): string => '', 0))->find('Saltreach'));
    }
}
