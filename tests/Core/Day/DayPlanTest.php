<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\Cautions;
use Evrent\Core\Day\Clash;
use Evrent\Core\Day\DayPlan;
use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Day\Stay;
use Evrent\Core\Day\TypedStay;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class DayPlanTest extends TestCase
{
    /**
     * A shot of an hour.
     *
     * @param array<string, string> $kit names by kind
     * @param array<string, mixed>  $changes
     */
    private static function schedule(string $start, array $kit = [], array $changes = []): Schedule
    {
        return Schedule::of(Plans::with($changes + [
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $start], '/timing/photos' => 600, '/timing/interval_s' => 6,
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/kit' => array_map(static fn (string $kind, string $name): array => ['kind' => $kind, 'name' => $name], array_keys($kit), $kit),
        ]));
    }

    /**
     * @param array<string, string> $kit
     */
    private static function stay(int $id, string $start, array $kit = [], int $setup = 30, int $teardown = 15): Stay
    {
        return Stay::of($id, ShotFigures::of(Shot::on(self::schedule($start, $kit))), $setup, $teardown);
    }

    /**
     * @return iterable<string, array{Stay, Stay, ?string, float}> over what, and for how long
     */
    public static function pairs(): iterable
    {
        $a = ['rig' => 'Rail', 'body' => 'One'];
        $b = ['rig' => 'Head', 'body' => 'Two'];
        yield 'far apart' => [self::stay(1, '10:00', $a), self::stay(2, '14:00', $a), null, 0.0];
        yield 'one ends as the other begins' => [self::stay(1, '10:00', $a), self::stay(2, '11:45', $a), null, 0.0];
        yield 'the one rig, while packing' => [self::stay(1, '10:00', $a), self::stay(2, '11:30', $a), 'rig', 900.0];
        yield 'nobody named a rig' => [self::stay(1, '10:00'), self::stay(2, '11:30'), 'rig', 900.0];
        yield 'one named a rig, and the other may mean it' => [self::stay(1, '10:00', $a), self::stay(2, '11:30'), 'rig', 900.0];
        yield 'two rigs, one body' => [self::stay(1, '10:00', $a), self::stay(2, '11:00', ['rig' => 'Head', 'body' => 'One']), 'body', 2700.0];
        yield 'two of each, set up while the other runs' => [self::stay(1, '10:00', $a), self::stay(2, '10:45', $b), null, 0.0];
        yield 'two of each, one pair of hands' => [self::stay(1, '10:00', $a), self::stay(2, '10:10', $b), 'time', 1200.0 + 300.0];
        yield 'one within the other' => [self::stay(1, '10:00', $a, 120, 120), self::stay(2, '10:10', $a, 0, 0), 'rig', 3600.0];
    }

    #[DataProvider('pairs')]
    public function testClashesOfRigBodyAndHandsAreFound(Stay $first, Stay $second, ?string $over, float $seconds): void
    {
        foreach ([[$first, $second], [$second, $first]] as $stays) {
            $day = DayPlan::of($stays);
            self::assertSame($over === null ? [] : [$over], array_map(static fn (Clash $clash): string => $clash->over, $day->clashes));
            // A shot of 600 photos ends with its last photo, not with the interval after it.
            self::assertEqualsWithDelta($seconds, $day->clashes[0]->seconds ?? 0.0, 12.0);
            self::assertSame([1, 2], array_column($day->stays, 'id'));
            self::assertCount($over === null ? 0 : 1, $day->clashesOf($first));
        }
    }

    /** From 10:00 to 11:00 and from 10:45: set up from 10:15, packed until 12:00. On legs no rig is wanted; attended, somebody is. */
    public function testLegsWantNoRigAndAnAttendedShotWantsSomebody(): void
    {
        $legs = ['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]];
        self::assertSame([], DayPlan::of([self::withBody(1, '10:00', []), self::withBody(2, '10:45', $legs)])->clashes);
        $clashes = DayPlan::of([self::withBody(1, '10:00', $legs + ['/light' => ['attended' => true]]), self::withBody(2, '10:45', $legs)])->clashes;
        // Set up from 10:15 to 10:45 while the first, until 11:15, wants somebody.
        self::assertSame(['day.clash.hands'], array_map(static fn (Clash $clash): string => (string) $clash->sentence(), $clashes));
        self::assertEqualsWithDelta(1800.0, $clashes[0]->seconds, 12.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function withBody(int $id, string $start, array $changes): Stay
    {
        return Stay::of($id, ShotFigures::of(Shot::on(self::schedule($start, ['body' => "Body {$id}"], $changes))), 30, 15);
    }

    public function testTheDayAddsUp(): void
    {
        $day = DayPlan::of([self::stay(1, '10:00'), self::stay(2, '15:00'), self::stay(3, '10:30')]);
        self::assertSame([1, 3, 2], array_column($day->stays, 'id'));
        self::assertEqualsWithDelta((5.5 + 1.25) * 3600, $day->onSiteSeconds(), 12.0);
        self::assertEqualsWithDelta((14.5 - 11.75) * 3600, $day->idleSeconds(), 12.0);
        self::assertLessThan($day->onSiteSeconds(), $day->idleSeconds());
        self::assertSame([0.0, 0.0], [DayPlan::of([])->onSiteSeconds(), DayPlan::of([])->idleSeconds()]);
    }

    public function testAShotWithoutAStartThatComesStandsAside(): void
    {
        $never = Stay::of(9, ShotFigures::of(Shot::on(self::schedule('12:00', [], ['/start' => ['event' => 'sun_rises_to', 'height_deg' => 80]]))), 30, 15);
        $day = DayPlan::of([$never, self::stay(1, '23:30')]);
        self::assertSame([[1], [9]], [array_column($day->stays, 'id'), array_column($day->untimed, 'id')]);
        self::assertTrue($day->runsInto(self::schedule('12:00')->plan->site?->day->ends ?? throw new \LogicException()));
    }

    public function testAShotIsMovedInTheWordsItHas(): void
    {
        $plan = self::schedule('12:00', [], ['/start' => ['event' => 'sunset', 'offset_s' => -1200]])->plan;
        $moved = TypedStay::read($plan, ['start' => '19:40', 'to_s' => null, 'setup_minutes' => '', 'teardown_minutes' => '20'], 30, 15);
        self::assertSame(['19:40', 30, 20], [$moved->plan->start?->at, $moved->setupMinutes, $moved->teardownMinutes]);
        // Dragged, a start by the sun stays one: half an hour later is ten minutes after sunset.
        $begins = Stay::of(1, ShotFigures::of(Shot::of($plan)), 0, 0)->begins;
        $to = ($begins->unixSeconds ?? 0.0) - ($plan->site?->day->begins->unixSeconds ?? 0.0) + 1800.0;
        $dragged = TypedStay::read($plan, ['start' => null, 'to_s' => (string) $to, 'setup_minutes' => '', 'teardown_minutes' => ''], 30, 15);
        self::assertSame('sunset', $dragged->plan->start?->event->value);
        self::assertEqualsWithDelta(600.0, $dragged->plan->start->offsetSeconds, 1.0);
        foreach ([['start' => 'soon'], ['setup_minutes' => 'long'], ['teardown_minutes' => '-5'], ['to_s' => 'x']] as $typed) {
            try {
                TypedStay::read($plan, $typed + ['start' => null, 'to_s' => null, 'setup_minutes' => '', 'teardown_minutes' => ''], 30, 15);
                self::fail(json_encode($typed, JSON_THROW_ON_ERROR));
            } catch (InvalidInput $invalid) {
                self::assertNotSame('', $invalid->problems[0]->message);
            }
        }
    }

    public function testCautionsFitTheDay(): void
    {
        $of = static fn (Schedule $schedule, Hazard ...$told): array
            => array_column(Cautions::of([ShotFigures::of(Shot::on($schedule))], array_values($told), $schedule->plan->site, [Stay::of(1, ShotFigures::of(Shot::on($schedule)), 30, 15)]), 'value');
        self::assertSame(['rules'], $of(self::schedule('12:00')));
        self::assertContains('night', $of(self::schedule('21:00')));
        // Over at 17:40 and packed by 17:55, in daylight; the way back is not: dusk is at 18:51.
        self::assertNotContains('night', $of(self::schedule('16:40')));
        self::assertContains('night', $of(self::schedule('17:30')));
        self::assertContains('cold', $of(self::schedule('12:00', [], ['/power' => ['camera' => ['battery_wh' => 16], 'temperature_c' => 3]])));
        self::assertContains('incline', $of(self::schedule('12:00', [], ['/load' => ['incline_deg' => 20]])));
        self::assertContains('heavy', $of(self::schedule('12:00', [], ['/load' => ['camera_kg' => 9]])));
        self::assertContains('sun', $of(self::schedule('17:00', [], [
            '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/rig/base' => ['zero_bearing_deg' => 270],
        ])));
        self::assertSame(['tide', 'road', 'rules'], $of(self::schedule('12:00'), Hazard::Road, Hazard::Tide));
    }
}
