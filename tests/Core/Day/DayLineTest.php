<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\DayLine;
use Evrent\Core\Day\OwnEvents;
use Evrent\Core\Drawings\DayDrawing;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Said;

final class DayLineTest extends TestCase
{
    /**
     * @return iterable<string, array{Site, float}>
     */
    public static function days(): iterable
    {
        yield 'a spring day on the estuary' => [new Site('', 51.85, 1.9, 'Europe/London', '2027-03-23'), 24.0];
        yield 'clocks go forward' => [new Site('', 51.85, 1.9, 'Europe/London', '2027-03-28'), 23.0];
        yield 'clocks go back' => [new Site('', 40.7, -74.0, 'America/New_York', '2027-11-07'), 25.0];
        yield 'the sun stays up' => [new Site('', 69.6, 18.9, 'Europe/Oslo', '2027-06-21'), 24.0];
        yield 'the sun stays down' => [new Site('', 69.6, 18.9, 'Europe/Oslo', '2027-12-21'), 24.0];
        yield 'dark the other way round' => [new Site('', -45.0, 170.5, 'Pacific/Auckland', '2027-01-05'), 24.0];
        yield 'noon at midnight’s clock' => [new Site('', 0.0, 179.0, 'Etc/GMT+12', '2027-03-01'), 24.0];
    }

    /** The light rises and falls with the sun, from the first midnight to the last. */
    #[DataProvider('days')]
    public function testTheTideOfLightFillsTheDayAndFollowsTheSun(Site $site, float $hours): void
    {
        $line = DayLine::of($site);
        self::assertSame($hours * 3600.0, $line->spanSeconds);
        self::assertSame($line->spanSeconds, $line->seconds[count($line->seconds) - 1]);
        foreach ($line->altitudes[Target::Sun->value] as $i => $sun) {
            if ($sun > 10.0) {
                self::assertGreaterThan(10.0, $line->values[$i], "the sun is {$sun}° up");
            } elseif ($sun < -18.0) {
                self::assertLessThan(0.0, $line->values[$i], "the sun is {$sun}° down");
            }
        }
        $tide = (new DayDrawing($line))->tide();
        self::assertStringEndsWith('V100H0Z', $tide);
        preg_match_all('/[ML]\d+ ([\d.]+)/', $tide, $down);
        self::assertCount(count($line->seconds), $down[1]);
        self::assertGreaterThanOrEqual(0.0, min(100.0, ...array_map(floatval(...), $down[1])));
    }

    public function testPolarDaysAreSaidPlainly(): void
    {
        $told = static fn (string $date): array => Said::pairs(DayLine::of(new Site('', 69.6, 18.9, 'Europe/Oslo', $date))->told());
        self::assertSame('day.day_line.sun_up', $told('2027-06-21')['day.day_line.sun']);
        self::assertSame(['day.day_line.never_dark', 'day.day_line.no_twilight'], [$told('2027-06-21')['day.day_line.dark'], $told('2027-06-21')['day.day_line.civil']]);
        self::assertSame('day.day_line.sun_down', $told('2027-12-21')['day.day_line.sun']);
        self::assertStringContainsString(':', $told('2027-12-21')['day.day_line.civil']);
    }

    /** The clock under the line is the one on the wrist: hours that there are, each where it is. */
    #[DataProvider('days')]
    public function testTheClockBelowIsTheWrists(Site $site): void
    {
        $line = DayLine::of($site);
        $drawing = new DayDrawing($line);
        $clocks = array_column($drawing->clock(), 1);
        self::assertSame(['00:00', '03:00', '06:00', '09:00', '12:00', '15:00', '18:00', '21:00', '00:00'], $clocks);
        foreach ($drawing->clock() as [$percent, $clock]) {
            self::assertSame($clock, $site->day->clock($line->instantOf($percent / 100.0 * $line->spanSeconds)));
        }
        self::assertEqualsWithDelta(50.0, $drawing->percent($line->spanSeconds / 2.0), 1e-9);
        foreach ($drawing->heights() as $path) {
            self::assertMatchesRegularExpression('/^M[\d. ]+(L[\d.]+ -?[\d.]+)+/', $path);
        }
    }

    /**
     * On 7 April 2027 the moon is new: it is dark from the end of the evening's twilight until the morning's begins, and not before dawn
     * of the day itself, which nobody plans for any more. The galactic centre rises late that night.
     */
    public function testTheDarkHoursAreThoseOfTheEveningThatIsPlanned(): void
    {
        $site = new Site('', 52.2, 0.9, 'Europe/London', '2027-04-07');
        $line = DayLine::of($site);
        $told = Said::pairs($line->told());
        $dusk = $line->events->twilight['astronomical']['dusk'];
        $dawn = DayEvents::at($site->observer, $site->day->next())->twilight['astronomical']['dawn'];
        self::assertNotNull($dusk);
        self::assertNotNull($dawn);
        self::assertSame("{$site->day->clock($dusk)}–{$site->day->clock($dawn)}", $told['day.day_line.dark']);
        [[$rises, $sets]] = DayEvents::upThatNight($site->observer, $site->day, Target::GalacticCentre);
        $sky = new Sky($site->observer);
        self::assertEqualsWithDelta(0.0, $sky->of(Target::GalacticCentre, $rises)->altitude, 0.01);
        self::assertEqualsWithDelta(0.0, $sky->of(Target::GalacticCentre, $sets)->altitude, 0.01);
        self::assertSame("{$site->day->clock($rises)}–{$site->day->clock($sets)}", $told['day.day_line.centre']);
        // In the far north it never rises.
        self::assertSame('day.day_line.not_up', Said::pairs(DayLine::of(new Site('', 69.6, 18.9, 'Europe/Oslo', '2027-04-07'))->told())['day.day_line.centre']);
        // Under the sky's own line it is brighter than on the land, by day and by dusk.
        foreach ($line->altitudes[Target::Sun->value] as $k => $sun) {
            if ($sun > -6.0 && $sun < 10.0) {
                self::assertGreaterThan($line->values[$k], $line->skyValues[$k]);
            }
        }
    }

    public function testAnEveningThatRunsOnShowsTheMorning(): void
    {
        $site = new Site('', 51.85, 1.9, 'Europe/London', '2027-03-23');
        $line = DayLine::of($site, true);
        self::assertSame(36.0 * 3600.0, $line->spanSeconds);
        self::assertGreaterThan(10.0, $line->values[count($line->values) - 1]);
    }

    public function testOwnEventsAreKeptAndLaidOnTheDay(): void
    {
        $site = new Site('', 51.85, 1.9, 'Europe/London', '2027-03-23');
        $another = OwnEvents::read([])->another(...);
        $kept = [7 => $another('21:30', 'gate is locked'), 8 => $another('1 h after sunset', ' boats in '), 12 => $another('01:15 next day', 'low water')];
        $events = OwnEvents::read($kept);
        self::assertSame([8, 7, 12], array_column($events->at($site), 0), 'by their numbers, in order of time');
        self::assertSame(['boats in', 'gate is locked', 'low water'], array_column($events->at($site), 2));
        self::assertTrue($events->runOn());
        self::assertFalse(OwnEvents::read(array_diff_key($kept, [12 => true]))->runOn());
        // What does not come on that day is left out, and comes again on another.
        $polar = new Site('', 69.6, 18.9, 'Europe/Oslo', '2027-06-21');
        self::assertSame(['gate is locked', 'low water'], array_column($events->at($polar), 2));
    }

    public function testAnEventSaysWhatIsWrongWithIt(): void
    {
        foreach ([['later', 'x', ['/at']], ['12:00', '', ['/label']], ['', "a\nb", ['/at', '/label']], ['12:00', str_repeat('a', 81), ['/label']]] as [$at, $label, $pointers]) {
            try {
                OwnEvents::read([])->another($at, $label);
                self::fail("{$at} {$label}");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointers, array_column($invalid->problems, 'pointer'));
            }
        }
        $many = OwnEvents::read(array_fill(0, OwnEvents::MOST, ['at' => '12:00', 'label' => 'x']));
        $this->expectException(InvalidInput::class);
        $many->another('13:00', 'one more');
    }
}
