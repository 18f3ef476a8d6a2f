<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\PhotosByDay;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Jobs over days: photos by day, or by night, numbered on across the pauses.
 */
final class WindowTest extends TestCase
{
    private const SHED = [
        '/timing/interval_s' => 900, '/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
        '/start' => ['event' => 'clock', 'at' => '06:00'],
    ];

    public function testPhotosAreTakenInTheHoursOfEachDayAndNumberedOn(): void
    {
        $plan = self::windowed('07:00', '18:00');
        $days = PhotosByDay::of(Schedule::of($plan));
        // From seven to six every quarter of an hour: 45 a day. It begins when the window opens, not at six.
        self::assertSame([[1, 45], [46, 90], [91, 100]], array_map(static fn (array $day): array => [$day['first'], $day['last']], $days));
        self::assertSame(
            ['07:00, ends: 18:00', 'values.clock_time.next_day(clock: 07:00), ends: 18:00', 'values.clock_time.days_on(clock: 07:00, days: 2), ends: 09:15'],
            array_map(static fn (Message $day): string => (string) preg_replace('/^.*begins: (.*)\)$/', '$1', (string) $day), PhotosByDay::told(Schedule::of($plan))),
        );
    }

    public function testShootingTimeLeavesTheNightsOut(): void
    {
        $schedule = Schedule::of(self::windowed('07:00', '18:00'));
        self::assertEqualsWithDelta(100 * 900.0, $schedule->summary->bookedSeconds, 1e-6);
        self::assertEqualsWithDelta(2 * 86_400.0 + 9 * 900.0, $schedule->timeline->triggerSeconds[99], 1e-6);
        self::assertTrue($schedule->summary->fits());
    }

    public function testHoursPastMidnightRunIntoTheNextDay(): void
    {
        $schedule = Schedule::of(self::windowed('22:00', '03:00', ['/start' => ['event' => 'clock', 'at' => '23:30']]));
        $days = array_map(static fn (array $day): array => [$day['first'], $day['last']], PhotosByDay::of($schedule));
        // 23:30 to 03:00 is 15 photos, then 21 each night, but for the one in which clocks go forward.
        self::assertSame([[1, 15], [16, 36], [37, 57], [58, 78], [79, 95], [96, 100]], $days);
    }

    public function testByDaylightTheHoursFollowTheSeason(): void
    {
        $plan = self::windowed('30 min after sunrise', 'sunset', ['/timing/photos' => 3_000]);
        $days = PhotosByDay::of(Schedule::of($plan));
        $hours = array_map(static fn (array $day): float => ($day['ends']->unixSeconds - $day['begins']->unixSeconds) / 3_600.0, $days);
        // Late in March the days grow by some four minutes each at 52° north, and photos are 15 minutes apart.
        self::assertEqualsWithDelta(11.75, $hours[0], 0.5);
        self::assertEqualsWithDelta(4.0 / 60.0, ($hours[40] - $hours[0]) / 40.0, 1.0 / 60.0);
        self::assertNotNull($plan->site);
        foreach ([$days[0], $days[20], $days[50]] as $day) {
            // Half an hour after sunrise the sun stands some three degrees high.
            $altitude = $plan->site->observer->horizontal(new \Evrent\Core\Sky\Sun(), $day['begins'])->altitude;
            self::assertEqualsWithDelta(3.4, $altitude, 0.5);
        }
    }

    public function testAPolarDayIsOpenThroughoutAndAPolarNightNever(): void
    {
        $site = ['name' => 'North', 'latitude_deg' => 78.0, 'longitude_deg' => 15.0, 'zone' => 'Europe/Oslo'];
        $summer = self::windowed('sunrise', 'sunset', ['/site' => ['date' => '2027-06-10'] + $site]);
        self::assertCount(1, PhotosByDay::of(Schedule::of($summer)), 'the sun is up all day and night');
        // In November there are hours of no daylight: it waits for February.
        $winter = self::windowed('sunrise', 'sunset', ['/site' => ['date' => '2027-11-20'] + $site]);
        self::assertSame('2028-02', gmdate('Y-m', (int) $winter->firstTrigger()?->unixSeconds));
        self::assertNull(self::finding($winter));
        // A ridge all around higher than the sun ever climbs leaves no hour at all.
        self::assertSame('0 60, 90 60, 180 60, 270 60', Horizon::read('N 60, E 60, S 60, W 60')->text());
        $never = self::windowed('sunrise', 'sunset', ['/site' => ['date' => '2027-11-20', 'horizon' => 'N 60, E 60, S 60, W 60'] + $site]);
        self::assertSame('checks.window_cannot_hold.never', (string) self::finding($never)?->shortfall);
        self::assertCount(100, Schedule::of($never)->timeline->triggerSeconds, 'it is still drawn');
    }

    /**
     * @return iterable<string, array{array<string, mixed>, ?string}>
     */
    public static function kept(): iterable
    {
        yield 'place and start' => [[], null];
        yield 'no place' => [['/site' => null], 'checks.window_cannot_hold.no_place'];
        yield 'no start' => [['/start' => null], 'checks.window_cannot_hold.no_start'];
        yield 'a camera on its own timer' => [['/trigger' => ['by' => 'camera_timer']], 'checks.window_cannot_hold.own_timer'];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('kept')]
    public function testHoursThatNothingKeepsToStopTheShot(array $changes, ?string $short): void
    {
        $found = self::finding(self::windowed('07:00', '18:00', $changes));
        self::assertSame((string) $short, (string) $found?->shortfall);
        if ($found !== null) {
            self::assertNull($found->remedies()[0]->mended->window);
        }
    }

    public function testOneEndTypedGoesWithSunriseOrSunsetAndEmptiedItShootsDayAndNight(): void
    {
        $plan = TypedPlan::change(Plans::with(self::SHED + ['/site' => Plans::SITE]), ['window' => ['until' => '18:00']]);
        self::assertSame(['sunrise', '18:00'], self::texts($plan));
        $plan = TypedPlan::change($plan, ['window' => ['from' => '1 h after sunrise']]);
        self::assertSame(['1 h after sunrise', '18:00'], self::texts($plan));
        self::assertNull(TypedPlan::change($plan, ['window' => ['until' => '']])->window);
        try {
            TypedPlan::change($plan, ['window' => ['from' => 'breakfast']]);
            self::fail('It was taken.');
        } catch (InvalidInput $invalid) {
            self::assertSame('/window/from', $invalid->problems[0]->pointer);
        }
        $this->expectExceptionMessage('sky.day_window.other');
        TypedPlan::change($plan, ['window' => ['from' => '18:00']]);
    }

    public function testARigThatCreepsOnCannotPauseForTheNight(): void
    {
        $found = self::finding(TypedPlan::change(self::windowed('07:00', '18:00'), ['timing' => ['mode' => 'continuous']]));
        self::assertNotNull($found);
        self::assertSame('checks.window_cannot_hold.creeping', (string) $found->shortfall);
        foreach ($found->remedies() as $remedy) {
            self::assertNull(self::finding($remedy->mended), (string) $remedy->label);
        }
        self::assertNull(self::finding(TypedPlan::change(self::windowed('07:00', '18:00'), ['timing' => ['mode' => 'stop_motion']])), 'it has no clock');
    }

    public function testAnOpenEndCountsThePhotosOfTheHoursAlone(): void
    {
        $plan = self::windowed('07:00', '18:00', ['/end' => ['by' => 'time', 'at' => ['event' => 'clock', 'at' => '10:00', 'days' => 1]]]);
        // 45 until six in the evening, and from seven until ten 13 more.
        self::assertSame(58, Limits::photos(Shot::of($plan)));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function windowed(string $from, string $until, array $changes = []): Plan
    {
        return TypedPlan::change(Plans::with(array_filter($changes + self::SHED + ['/site' => Plans::SITE], static fn (mixed $part): bool => $part !== null)), ['window' => ['from' => $from, 'until' => $until]]);
    }

    /** @return array{string, string} */
    private static function texts(Plan $plan): array
    {
        $texts = FieldTexts::of($plan);

        return [$texts['/window/from'], $texts['/window/until']];
    }

    private static function finding(Plan $plan): ?Finding
    {
        foreach (Report::on(Shot::of($plan))->findings as $finding) {
            if ($finding->id === FindingId::WindowCannotHold) {
                return $finding;
            }
        }

        return null;
    }
}
