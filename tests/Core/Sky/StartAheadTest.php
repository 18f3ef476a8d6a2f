<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\StartAhead;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

/**
 * Waiting for a time of day or the sky, on the day that it is.
 */
final class StartAheadTest extends TestCase
{
    /** 2027-06-21 12:00 UTC is 13:00 on the estuary's clock. */
    private const NOON = 1_813_579_200.0;

    public function testATimeOfDayIsTodaysOrTomorrows(): void
    {
        self::assertEqualsWithDelta(3_600.0, StartAhead::seconds(self::site(), StartEvent::Clock, '14:00', 0.0, self::NOON), 1e-6);
        self::assertEqualsWithDelta(3_660.0, StartAhead::seconds(self::site(), StartEvent::Clock, '14:00', 60.0, self::NOON), 1e-6);
        self::assertEqualsWithDelta(23.0 * 3_600.0, StartAhead::seconds(self::site(), StartEvent::Clock, '12:00', 0.0, self::NOON), 1e-6);
    }

    /** Sunset of midsummer at 52.2° north is about 21:20 on the clock of summer: 8 h 20 min after one. */
    public function testTheSunIsWaitedForOnTheDayThatItIs(): void
    {
        self::assertEqualsWithDelta(8.33 * 3_600.0, (float) StartAhead::seconds(self::site(), StartEvent::Sunset, '', 0.0, self::NOON), 600.0);
        $rise = (float) StartAhead::seconds(self::site(), StartEvent::Sunrise, '', 0.0, self::NOON);
        self::assertEqualsWithDelta(15.6 * 3_600.0, $rise, 900.0);
        self::assertEqualsWithDelta($rise + 600.0, (float) StartAhead::seconds(self::site(), StartEvent::Sunrise, '', 600.0, self::NOON), 1e-3);
    }

    /** So far north it never gets that dark in June. */
    public function testWhatDoesNotHappenIsNotWaitedFor(): void
    {
        self::assertNull(StartAhead::seconds(self::site(), StartEvent::AstronomicalDusk, '', 0.0, self::NOON));
    }

    public function testATimeThatIsNoneIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        StartAhead::seconds(self::site(), StartEvent::Clock, 'soon', 0.0, self::NOON);
    }

    private static function site(): Site
    {
        return new Site('Saltreach', 52.2, 0.9, 'Europe/London', '2027-03-23');
    }
}
