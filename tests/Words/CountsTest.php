<?php

declare(strict_types=1);

namespace Tests\Words;

use Evrent\Core\Messages\Quantity;
use Evrent\Words\Catalogue;
use PHPUnit\Framework\TestCase;

/**
 * Counts and spans at none, one and many, as each language writes them.
 */
final class CountsTest extends TestCase
{
    public function testWordsOfCounts(): void
    {
        $said = static fn (string $language, Quantity ...$quantities): array => array_map(Catalogue::of($language)->say(...), array_values($quantities));
        $stops = array_map(Quantity::stops(...), [0.04, 0.9, 0.96, 1.1, 2.0]);
        self::assertSame(['no stops', '0.9 stops', '1 stop', '1.1 stops', '2 stops'], $said('en', ...$stops));
        self::assertSame(['ningún paso', '0,9 pasos', '1 paso', '1,1 pasos', '2 pasos'], $said('es', ...$stops));
        self::assertSame(['no clicks', '1 click', '2 clicks'], $said('en', ...array_map(static fn (int $count): Quantity => Quantity::counted($count, 'click'), [0, 1, 2])));
        self::assertSame(['no photos', '1 photo', '1,200 photos'], $said('en', ...array_map(Quantity::photos(...), [0, 1, 1_200])));
        self::assertSame(['100', '100 to 800'], $said('en', Quantity::between(100, 100), Quantity::between(100, 800)));
        $signed = [[0.02, -0.03], [1.0, 1.0], [-1.0, -1.0], [-2.5, 0.3], [1.21, 1.19]];
        $signed = array_map(static fn (array $of): Quantity => Quantity::betweenSigned($of[0], $of[1], 1, 'stop'), $signed);
        self::assertSame(['0 stops', '+1 stop', '−1 stop', '−2.5 to +0.3 stops', '+1.2 stops'], $said('en', ...$signed));
        self::assertSame('de −2,5 a +0,3 pasos', Catalogue::of('es')->say($signed[3]));
        self::assertSame(['12.5 mm', '9.5°', '9.5°/s', '−3 °C'], $said('en', Quantity::withUnit(12.5, 'mm'), Quantity::withUnit(9.5, '°'), Quantity::withUnit(9.5, '°/s'), Quantity::withUnit(-3.0, '°C')));
        self::assertSame('9,5°/s', Catalogue::of('es')->say(Quantity::withUnit(9.5, '°/s')));
    }

    public function testLists(): void
    {
        $listed = static fn (string $language): array => array_map(Catalogue::of($language)->listed(...), [['clip'], ['clip', 'framing'], ['clip', 'interval', 'framing']]);
        self::assertSame(['clip', 'clip and framing', 'clip, interval and framing'], $listed('en'));
        self::assertSame(['clip', 'clip y framing', 'clip, interval y framing'], $listed('es'));
    }
}
