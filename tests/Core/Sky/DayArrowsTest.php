<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\DayArrows;
use Evrent\Core\Sky\Site;
use PHPUnit\Framework\TestCase;

final class DayArrowsTest extends TestCase
{
    public function testTheDaysArrowsComeInTheOrderOfTheClock(): void
    {
        $arrows = DayArrows::of(new Site('', 52.2, 0.9, 'Europe/London', '2027-03-20'));
        $azimuths = self::azimuths($arrows);
        // At an equinox the sun rises nearly due east, and sets nearly due west.
        self::assertEqualsWithDelta(89.0, $azimuths['sky.arrow.sunrise'], 1.0);
        self::assertEqualsWithDelta(271.0, $azimuths['sky.arrow.sunset'], 1.0);
        $times = array_map(static fn (array $arrow): float => $arrow['instant']->unixSeconds, $arrows);
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times);
    }

    public function testTheGalacticCentreIsShownWhereItIsHighestInTheDark(): void
    {
        $summer = DayArrows::of(new Site('', 38.7, -9.1, 'Europe/Lisbon', '2027-06-20'));
        // Around the solstice it culminates in the south about midnight.
        self::assertEqualsWithDelta(180.0, self::azimuths($summer)['sky.arrow.galactic_centre'] ?? 0.0, 5.0);
        $winter = DayArrows::of(new Site('', 52.2, 0.9, 'Europe/London', '2027-12-20'));
        self::assertArrayNotHasKey('sky.arrow.galactic_centre', self::azimuths($winter), 'it is up by day alone');
    }

    public function testWhereTheSunDoesNotRiseThereIsNoArrowForIt(): void
    {
        $azimuths = self::azimuths(DayArrows::of(new Site('', 80.0, 15.0, 'Europe/Oslo', '2027-12-20')));
        self::assertArrayNotHasKey('sky.arrow.sunrise', $azimuths);
        self::assertArrayNotHasKey('sky.arrow.sunset', $azimuths);
    }

    /**
     * @param list<array{label: Message, azimuth: float}> $arrows
     *
     * @return array<string, float> by key
     */
    private static function azimuths(array $arrows): array
    {
        return array_column(array_map(static fn (array $arrow): array => [$arrow['label']->key, $arrow['azimuth']], $arrows), 1, 0);
    }
}
