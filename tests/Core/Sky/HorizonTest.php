<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Light\Light;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\SeenEvents;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Sky;
use Evrent\Core\Sky\Start;
use Evrent\Core\Sky\StartEvent;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HorizonTest extends TestCase
{
    private const RIDGE_EAST = '40 10, 90 10, 140 10';

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function typed(): iterable
    {
        yield 'pairs' => ['80 5, 110 12', '80 5, 110 12'];
        yield 'lines in any order' => ["110 12\n80 5", '80 5, 110 12'];
        yield 'signs of degrees' => ['80° 5°; 110° 12.5°', '80 5, 110 12.5'];
        yield 'no space after the comma' => ['80 5,110 12', '80 5, 110 12'];
        yield 'decimal commas' => ['80,5 3,5; 110 12', '80.5 3.5, 110 12'];
        yield 'points of the compass' => ['SW 3, n 1, WNW 4', '0 1, 225 3, 292.5 4'];
        yield 'a whole turn' => ['360 2, 90 4', '0 2, 90 4'];
        yield 'a cliff above the sea' => ['200 -0.4, 280 -0.4', '200 -0.4, 280 -0.4'];
        yield 'nothing' => ['  ', ''];
    }

    #[DataProvider('typed')]
    public function testAHorizonIsReadAsPeopleTypeIt(string $typed, string $text): void
    {
        self::assertSame($text, Horizon::read($typed)->text());
        self::assertSame($text, Horizon::read($text)->text());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function refused(): iterable
    {
        yield 'one alone' => ['80 5', 'sky.horizon.two'];
        yield 'a bearing without a height' => ['80 5, 110', 'sky.horizon.entry(entry:'];
        yield 'words' => ['high ridge, 110 4', 'sky.horizon.entry(entry:'];
        yield 'more than a turn' => ['80 5, 400 3', 'sky.horizon.entry(entry: 400 3)'];
        yield 'the zenith' => ['80 5, 110 90', 'sky.horizon.height(lowest_degrees: -5, highest_degrees: 89, bearing: 110)'];
        yield 'twice' => ['80 5, 80 6', 'sky.horizon.twice(bearing: 80)'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNoHorizonIsRefusedWithWhatToEnter(string $typed, string $message): void
    {
        try {
            Horizon::read($typed);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertSame('/horizon', $invalid->problems[0]->pointer);
            self::assertStringContainsString($message, (string) $invalid->problems[0]->message);
        }
    }

    public function testABearingReadByACompassIsTurnedByTheVariation(): void
    {
        self::assertSame('2.5 4, 357.5 6', Horizon::read('5 4, 0 6', -2.5)->text());
    }

    public function testBetweenBearingsItRunsStraightAndAWideGapIsOpen(): void
    {
        $horizon = Horizon::read('350 4, 20 10, 100 2');
        self::assertEqualsWithDelta(4.0, $horizon->height(350.0), 1e-9);
        self::assertEqualsWithDelta(6.0, $horizon->height(0.0), 1e-9, 'across north');
        self::assertEqualsWithDelta(6.0, $horizon->height(-360.0), 1e-9);
        self::assertEqualsWithDelta(6.0, $horizon->height(60.0), 1e-9);
        self::assertSame(0.0, $horizon->height(200.0), 'nobody measured there');
        self::assertSame([[100.0, 350.0]], $horizon->gaps());
        self::assertSame('sky.horizon.open(x: sky.horizon.gap(gap: 100, gap2: 350))', (string) $horizon->gapsText());
        self::assertSame('', Horizon::read('N 5, E 5, S 5, W 5')->gapsText(), 'four points of the compass close the circle');
    }

    public function testARidgeDelaysSunriseUntilTheUpperLimbClearsIt(): void
    {
        $site = self::site(self::RIDGE_EAST);
        $events = DayEvents::at($site->observer, $site->day);
        $seen = SeenEvents::of($site->observer, $site->skyline, $events);
        self::assertNotNull($events->sunRise);
        self::assertNotNull($seen->sunRise);
        // 10° less half a disk of 16' less 5.3' of lift: Meeus' table for an apparent height of 10°.
        $altitude = (new Sky($site->observer))->of(Target::Sun, $seen->sunRise)->altitude;
        self::assertEqualsWithDelta(10.0 - 16.0 / 60.0 - 5.3 / 60.0, $altitude, 0.01);
        self::assertEqualsWithDelta($events->sunSet->unixSeconds ?? 0.0, $seen->sunSet->unixSeconds ?? 1.0, 1.5, 'the west is open');
        self::assertMatchesRegularExpression(
            '/^\d\d:\d\d, over the skyline \d\d:\d\d$/',
            Words::say(SeenEvents::told($site, $events->sunRise, $seen->sunRise, true)),
        );
    }

    public function testALevelHorizonChangesNoTime(): void
    {
        $site = self::site('N 0, E 0, S 0, W 0');
        $events = DayEvents::at($site->observer, $site->day);
        $seen = SeenEvents::of($site->observer, $site->skyline, $events);
        foreach (['sunRise', 'sunSet', 'moonRise', 'moonSet'] as $event) {
            self::assertEqualsWithDelta($events->{$event}->unixSeconds ?? 0.0, $seen->{$event}->unixSeconds ?? 0.0, 1.5, $event);
        }
    }

    public function testAHigherHorizonNeverShowsTheSunEarlier(): void
    {
        $before = null;
        foreach ([0, 2, 5, 9, 20, 50] as $height) {
            $site = self::site("N {$height}, E {$height}, S {$height}, W {$height}");
            $events = DayEvents::at($site->observer, $site->day);
            $rise = SeenEvents::of($site->observer, $site->skyline, $events)->sunRise;
            self::assertGreaterThan($before->unixSeconds ?? 0.0, $rise->unixSeconds ?? INF);
            $before = $rise;
        }
        self::assertNull($before, 'in March the sun climbs to 38° at this place');
    }

    public function testAStartBySunriseIsOverTheLand(): void
    {
        $site = self::site(self::RIDGE_EAST);
        $seen = SeenEvents::of($site->observer, $site->skyline, DayEvents::at($site->observer, $site->day));
        $start = new Start(StartEvent::Sunrise, offsetSeconds: 600.0);
        self::assertEqualsWithDelta(($seen->sunRise->unixSeconds ?? 0.0) + 600.0, $start->instant($site)->unixSeconds ?? 0.0, 0.1);
        $open = self::site('');
        self::assertLessThan($seen->sunRise->unixSeconds ?? 0.0, (new Start(StartEvent::Sunrise))->instant($open)->unixSeconds ?? 0.0);
    }

    public function testBehindALandTheSunLightsByTheSkyAlone(): void
    {
        [$open, $ridge] = [self::site(''), self::site(self::RIDGE_EAST)];
        $rise = SeenEvents::of($ridge->observer, $ridge->skyline, DayEvents::at($ridge->observer, $ridge->day))->sunRise;
        self::assertNotNull($rise);
        $value = static fn (Site $site, float $after, ExposedFor $for = ExposedFor::Land): float => Daylight::over($site, new Light(exposedFor: $for))
            ->exposureValue($rise->plusSeconds($after));
        // At 9.6° 0.42 of the light comes from the sky (half at 5°, a quarter at 20°): 1.25 stops less.
        self::assertEqualsWithDelta(log(0.42, 2), $value($ridge, -60.0) - $value($open, -60.0), 0.03);
        self::assertSame($value($open, 1_200.0), $value($ridge, 1_200.0), 'clear of it, nothing is hidden');
        self::assertSame($value($open, -60.0, ExposedFor::Sky), $value($ridge, -60.0, ExposedFor::Sky), 'the sky is as bright');
        // It comes out in the two minutes that its disk takes, and no photo jumps.
        $steps = array_map(static fn (int $s): float => $value($ridge, $s + 5.0) - $value($ridge, (float) $s), range(-120, 600, 5));
        self::assertLessThan(0.06, max($steps));
        self::assertGreaterThan(0.02, max($steps));
    }

    public function testTheGalacticCentreIsUpForLessOfTheNightBehindAWood(): void
    {
        $site = new Site('', 38.7, -9.1, 'Europe/Lisbon', '2027-06-20', horizon: '120 15, 200 15, 240 15');
        [[$rises, $sets]] = DayEvents::upThatNight($site->observer, $site->day, Target::GalacticCentre);
        [[$clears, $hides]] = DayEvents::upThatNight($site->observer, $site->day, Target::GalacticCentre, $site->skyline);
        self::assertGreaterThan($rises->unixSeconds + 3_600.0, $clears->unixSeconds);
        self::assertLessThan($sets->unixSeconds - 3_600.0, $hides->unixSeconds);
        self::assertEqualsWithDelta(15.0, (new Sky($site->observer))->of(Target::GalacticCentre, $clears)->altitude, 0.01);
    }

    public function testNearThePoleAndAtTheDateLineItHolds(): void
    {
        $pole = new Site('', 89.0, 0.0, 'UTC', '2027-03-20', horizon: 'N 5, E 5, S 5, W 5');
        $events = DayEvents::at($pole->observer, $pole->day);
        $seen = SeenEvents::of($pole->observer, $pole->skyline, $events);
        self::assertNull($seen->sunRise, 'that week the sun rolls along the horizon, below the ridge');
        foreach ([180.0, -180.0] as $longitude) {
            $line = new Site('', -17.0, $longitude, 'Pacific/Fiji', '2027-03-20', horizon: self::RIDGE_EAST);
            $events = DayEvents::at($line->observer, $line->day);
            $rise = SeenEvents::of($line->observer, $line->skyline, $events)->sunRise;
            // The sun climbs a degree in some four minutes there.
            self::assertEqualsWithDelta(2_640.0, ($rise->unixSeconds ?? 0.0) - ($events->sunRise->unixSeconds ?? 0.0), 180.0);
        }
    }

    public function testTheShareOfTheDiskThatShowsGrowsFromNoneToAll(): void
    {
        $horizon = Horizon::read('N 10, E 10, S 10, W 10');
        $shares = array_map(static fn (int $k): float => $horizon->shows(new Horizontal(77.0, 9.0 + $k / 20.0)), range(0, 40));
        self::assertSame(0.0, $shares[0]);
        self::assertSame(1.0, $shares[40]);
        $sorted = $shares;
        sort($sorted);
        self::assertSame($sorted, $shares);
        self::assertSame(1.0, Horizon::flat()->shows(new Horizontal(77.0, -30.0)), 'the model of light knows of level ground itself');
    }

    private static function site(string $horizon): Site
    {
        return new Site('Saltreach', 51.85, 0.9, 'Europe/London', '2027-03-20', horizon: $horizon);
    }
}
