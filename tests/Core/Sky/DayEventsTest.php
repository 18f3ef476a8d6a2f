<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Crossings;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\LocalDay;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\Star;
use Evrent\Core\Sky\Sun;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DayEventsTest extends TestCase
{
    /**
     * @return iterable<string, array{Observer, LocalDay}>
     */
    public static function places(): iterable
    {
        $random = new Randomizer(new Mt19937(5));
        $zones = ['UTC', 'Europe/Lisbon', 'Asia/Kathmandu', 'America/St_Johns', 'Pacific/Auckland'];
        for ($i = 0; $i < 25; $i++) {
            $date = sprintf('%d-%02d-%02d', $random->getInt(1950, 2100), $random->getInt(1, 12), $random->getInt(1, 28));
            yield "{$i}: {$date}" => [
                new Observer($random->getInt(-8900, 8900) / 100, $random->getInt(-18000, 18000) / 100, $random->getInt(0, 2000)),
                new LocalDay($date, $zones[$i % 5]),
            ];
        }
    }

    #[DataProvider('places')]
    public function testRiseAndSetAreWhereTheBodyStandsAtTheHorizon(Observer $observer, LocalDay $day): void
    {
        $events = DayEvents::at($observer, $day);
        foreach (array_filter([$events->sunRise, $events->sunSet]) as $instant) {
            // The sun moves by at most 15" a second: 30 s is an eighth of a degree.
            self::assertEqualsWithDelta(-0.833, $observer->horizontal(new Sun(), $instant)->altitude, 1e-3);
        }
        foreach (['civil' => -6.0, 'nautical' => -12.0, 'astronomical' => -18.0] as $name => $degrees) {
            foreach (array_filter($events->twilight[$name]) as $instant) {
                self::assertEqualsWithDelta($degrees, $observer->horizontal(new Sun(), $instant)->altitude, 1e-3);
            }
        }
        foreach (array_filter([$events->moonRise, $events->moonSet]) as $instant) {
            self::assertEqualsWithDelta(-0.83, $observer->horizontal(new Moon(), $instant)->altitude, 0.03);
        }
        if ($events->sunTransit !== null) {
            $azimuth = $observer->horizontal(new Sun(), $events->sunTransit)->azimuth;
            self::assertEqualsWithDelta(0.0, Angles::half(2.0 * $azimuth), 0.05, 'due south or due north');
        }
        self::assertSame($events->sunRise === null && $events->sunSet === null, $events->sunAlways !== null);
    }

    #[DataProvider('places')]
    public function testInADarkWindowItIsDark(Observer $observer, LocalDay $day): void
    {
        $last = $day->begins->unixSeconds;
        foreach (DayEvents::at($observer, $day, 10.0)->darkWindows as [$from, $until]) {
            self::assertGreaterThanOrEqual($last, $from->unixSeconds);
            self::assertGreaterThan($from->unixSeconds, $until->unixSeconds);
            foreach ([1.0, ($until->unixSeconds - $from->unixSeconds) / 2.0, $until->unixSeconds - $from->unixSeconds - 1.0] as $seconds) {
                $within = $from->plusSeconds($seconds);
                self::assertLessThan(-17.99, $observer->horizontal(new Sun(), $within)->altitude);
                self::assertLessThan(-0.5, $observer->horizontal(new Moon(), $within)->altitude);
                self::assertGreaterThan(9.99, $observer->horizontal(Star::galacticCentre(), $within)->altitude);
            }
            $last = $until->unixSeconds;
        }
        self::assertLessThanOrEqual($day->ends->unixSeconds, $last);
    }

    public function testPolarDayAndNightAreSaidPlainly(): void
    {
        $tromso = new Observer(69.65, 18.95);
        self::assertSame('up', DayEvents::at($tromso, new LocalDay('2026-06-21', 'Europe/Oslo'))->sunAlways);
        $night = DayEvents::at($tromso, new LocalDay('2026-12-21', 'Europe/Oslo'));
        self::assertSame('down', $night->sunAlways);
        self::assertNotNull($night->twilight['civil']['dawn'], 'it dawns all the same');
        self::assertNull(DayEvents::at(new Observer(90, 0), new LocalDay('2026-06-21', 'UTC'))->twilight['civil']['dusk']);
    }

    public function testADayIsAsLongAsItsClockSays(): void
    {
        $hours = static fn (string $date): float => (static fn (LocalDay $day): float => ($day->ends->unixSeconds - $day->begins->unixSeconds) / 3600)(new LocalDay($date, 'Europe/Lisbon'));
        self::assertSame([23.0, 24.0, 25.0], [$hours('2026-03-29'), $hours('2026-03-30'), $hours('2026-10-25')]);
    }

    public function testWhatSetsAfterMidnightBelongsToTheDayItSetsIn(): void
    {
        // In June the moon, days after it is full, is up at midnight: its set comes before its rise in the day.
        $events = DayEvents::at(new Observer(38.7, -9.1), new LocalDay('2026-07-02', 'Europe/Lisbon'));
        self::assertNotNull($events->moonRise);
        self::assertNotNull($events->moonSet);
        self::assertLessThan($events->moonRise->unixSeconds, $events->moonSet->unixSeconds);
    }

    public function testACrossingThatTurnsBackAtOnceIsFound(): void
    {
        // A parabola that is above zero for two minutes out of an hour, between two samples.
        $top = 1_620.0;
        $found = Crossings::within(new Instant(0), new Instant(3_600), static fn (Instant $instant): float => 3_600.0 - ($instant->unixSeconds - $top) ** 2);
        self::assertEqualsWithDelta([1_560.0, 1_680.0], array_map(static fn (array $crossing): float => $crossing[0]->unixSeconds, $found), 0.1);
        self::assertSame([true, false], array_column($found, 1));
    }

    /** Apia went from 29 to 31 December 2011, Kwajalein from 20 to 22 August 1993. */
    public function testADayThatWasLeftOutIsNone(): void
    {
        foreach (['Pacific/Apia' => ['2011-12-29', '2011-12-30', '2011-12-31'], 'Pacific/Kwajalein' => ['1993-08-20', '1993-08-21', '1993-08-22']] as $zone => [$before, $never, $after]) {
            self::assertSame($after, (new LocalDay($before, $zone))->next()->date);
            try {
                new LocalDay($never, $zone);
                self::fail("{$never} was a day");
            } catch (InvalidInput $invalid) {
                self::assertSame(['/date', "sky.local_day.skipped(date: {$never}, zoneName: {$zone})"], [$invalid->problems[0]->pointer, (string) $invalid->problems[0]->message]);
            }
        }
        self::assertSame('2027-03-28', (new LocalDay('2027-03-27', 'Europe/London'))->next()->date);
        self::assertSame('2027-11-01', (new LocalDay('2027-10-31', 'Europe/London'))->next()->date);
    }

    public function testDaysAndZonesThatAreNotAreRefused(): void
    {
        foreach ([['2026-02-30', 'UTC', '/date'], ['2026-2-3', 'UTC', '/date'], ['1949-12-31', 'UTC', '/date'], ['2026-02-03', 'Mars/Olympus', '/zone'], ['2026-02-03', '', '/zone']] as [$date, $zone, $pointer]) {
            try {
                new LocalDay($date, $zone);
                self::fail("{$date} {$zone}");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }
}
