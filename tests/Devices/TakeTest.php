<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Takes on simulated devices, at a few hundred times the world's speed.
 */
final class TakeTest extends TestCase
{
    public function testEveryPhotoIsTakenOnceInItsPlace(): void
    {
        $take = new TakeUnderFire(self::plan(), 1, 500);
        $take->run();
        self::assertSame(['complete', [], []], [$take->ended(), $take->wrong(false), $take->outOfPlace()], $take->errors());
    }

    /** Killed before its first photo is confirmed, and again later: what was on the card before is never taken for a photo of this take. */
    #[Group('turn-3')]
    public function testPhotosOfAnEarlierDayAreNoneOfThisTake(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 14]), 3, 40, photosBefore: 7);
        $take->run(3, ['run']);
        $extras = array_filter($take->lines, static fn (LogLine $line): bool => $line->text('extra') !== null);
        self::assertSame(['complete', [], []], [$take->ended(), $take->wrong(false), $extras], $take->errors());
    }

    #[Group('turn-2')]
    public function testCreepingOnEveryPhotoIsTakenOnce(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/mode' => 'continuous']), 1, 500);
        $take->run();
        self::assertSame(['complete', []], [$take->ended(), $take->wrong(false)], $take->errors());
    }

    /** A camera that knows nothing of the plan is set to it, before the first photo and on the way, also by whoever goes on after a kill. */
    #[Group('turn-1')]
    public function testEachPhotoIsExposedAsPlanned(): void
    {
        $plan = self::plan([
            '/timing/photos' => 24, '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.35], ['at' => 1, 'exposure_s' => 3.6]], '/timing/interval_s' => 7,
            '/light' => ['aperture' => 5.6, 'iso' => 200, 'iso_changes' => [['frame' => 13, 'iso' => 400]]],
        ]);
        $take = new TakeUnderFire($plan, 6, 40);
        $take->run(1, ['run']);
        self::assertSame(['complete', []], [$take->ended(), $take->wrong(false)], $take->errors());
        $schedule = Schedule::of($plan);
        $exposed = $take->exposed();
        self::assertCount(24, $exposed);
        foreach ($exposed as $photo => [$seconds, $aperture, $iso]) {
            self::assertLessThan(0.2, abs(log($seconds / $schedule->exposureSeconds[$photo - 1], 2)), "photo {$photo}: {$seconds} s");
            self::assertEqualsWithDelta([5.6, $photo < 13 ? 200.0 : 400.0], [$aperture, $iso], 0.01);
        }
        $ofSettings = array_filter($take->lines, static fn (LogLine $line): bool => str_starts_with($line->text('about') ?? '', 'camera '));
        self::assertSame([], $ofSettings);
    }

    /** Nobody fires: the camera goes by its own timer, started once, and each of its photos is one of the rig's places. */
    #[Group('turn-0')]
    public function testACameraOnItsOwnTimerIsStartedOnce(): void
    {
        $take = new TakeUnderFire(self::plan(['/trigger' => ['by' => 'camera_timer', 'camera_starts_s' => 0.5], '/timing/photos' => 16]), 4, 80);
        $take->run(1, ['run']);
        self::assertSame([$take->shouldEnd(), []], [$take->ended(), $take->wrong(true)], $take->errors());
        $started = array_filter($take->lines, static fn (LogLine $line): bool => $line->text('own_timer') !== null);
        self::assertCount(1, $started);
    }

    /** It began well after the rig: its last photo comes when the rig has been done for long, and is waited for. */
    #[Group('turn-1')]
    public function testACameraOnItsOwnTimerIsLeftToFinish(): void
    {
        $take = new TakeUnderFire(self::plan(['/trigger' => ['by' => 'camera_timer', 'camera_starts_s' => 38], '/timing/photos' => 4, '/timing/interval_s' => 120]), 4, 60);
        $take->run();
        self::assertSame(['complete', []], [$take->ended(), $take->wrong(false)], $take->errors());
    }

    public function testATimerThatIsStartedByHandIsAskedFor(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 6, '/trigger' => ['by' => 'camera_timer']]), 1, 60, isDeaf: true);
        $take->run();
        self::assertSame([$take->shouldEnd(), []], [$take->ended(), $take->wrong(false)], $take->errors());
        self::assertStringContainsString('Start the camera’s intervalometer now', self::alarms($take));
    }

    #[Group('long')]
    public function testALampThatPassesIsNoticed(): void
    {
        // A machine that is busy does not look at every photo.
        $lamp = ['kind' => 'passing_lamp', 'frame' => 10, 'frames' => 5, 'percent' => 150];
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 18]), 1, 25, [$lamp]);
        $take->run();
        self::assertMatchesRegularExpression('/Photo 1[0-4] is \d\.\d stops brighter/', self::alarms($take));
    }

    #[Group('turn-2')]
    public function testADeafCameraIsNeverAsked(): void
    {
        $take = new TakeUnderFire(self::plan(), 1, 500, isDeaf: true);
        $take->run(2, ['run']);
        // Killed between a trigger and its line, nobody ever knows whether that photo was taken.
        self::assertSame([$take->shouldEnd(), [], []], [$take->ended(), $take->wrong(false), $take->outOfPlace()], $take->errors());
    }

    /**
     * @return array<string, array{int, list<'run'|'rig'|'camera'>, bool}>
     */
    public static function kills(): array
    {
        return Cases::named([
            'the run itself' => [11, ['run'], false],
            'the rig' => [12, ['rig'], false],
            'the camera' => [13, ['camera'], true],
            'any of them' => [14, ['run', 'rig', 'camera'], true],
        ], 1);
    }

    /**
     * @param list<'run'|'rig'|'camera'> $mayDie
     */
    #[DataProvider('kills')]
    public function testKilledAtAnyMomentItGoesOnAtTheRightPhotoAndPlace(int $seed, array $mayDie, bool $mayMiss): void
    {
        $take = new TakeUnderFire(self::plan(), $seed, 150);
        $take->run(4, $mayDie);
        self::assertSame([$mayMiss ? $take->shouldEnd() : 'complete', [], []], [$take->ended(), $take->wrong($mayMiss), $take->outOfPlace()], implode(', ', $take->kills) . $take->errors());
    }

    /**
     * @return array<string, array{array<string, mixed>, string, list<string>, list<string>}> fault, what the log says of it, what is wrong
     *                                                                                        with photos, which were out of place
     */
    public static function faults(): array
    {
        return Cases::named(self::allFaults(), 2);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, list<string>, list<string>}>
     */
    private static function allFaults(): iterable
    {
        yield 'a trigger that is not heard' => [['kind' => 'missed_trigger', 'frame' => 5], Words::of('devices.run.nothing_taken', photo: 5), ['photo 5: not taken'], []];
        yield 'steps that are lost' => [['kind' => 'lost_steps', 'frame' => 5, 'axis' => 'slide', 'steps' => 20], 'Slide out of position by −0.25.', [], ['slide']];
        yield 'a switch that is hit' => [['kind' => 'limit_hit', 'frame' => 5], Words::of('devices.refusal.alarm'), [], []];
        yield 'power that goes' => [['kind' => 'power_cut', 'frame' => 5, 'seconds' => 60], 'not responding', [], []];
        yield 'a line that drops' => [['kind' => 'connection_lost', 'frame' => 5, 'seconds' => 60], 'not responding', [], []];
        yield 'a battery that falls' => [['kind' => 'rig_battery', 'frame' => 4, 'percent' => 5], 'Rig battery empty after photo', [], []];
        yield 'late answers' => [['kind' => 'slow_reply', 'frame' => 5, 'frames' => 3, 'seconds' => 20], 's late: more than an interval', [], []];
        yield 'an axis that stalls' => [['kind' => 'stalled_axis', 'frame' => 5, 'axis' => 'slide', 'frames' => 2], 'Slide out of position', [], ['slide']];
        yield 'a cable that falls out' => [['kind' => 'cable_out', 'frame' => 5, 'frames' => 2], 'Check the cable', ['photo 5: not taken', 'photo 6: not taken'], []];
        yield 'a card that is slow' => [['kind' => 'slow_card', 'frame' => 5, 'frames' => 3, 'factor' => 4], '', [], []];
        yield 'a trigger line that is out' => [['kind' => 'trigger_out', 'frame' => 5, 'frames' => 2], 'Check the cable', ['photo 5: not taken', 'photo 6: not taken'], []];
    }

    /** Full after photo 10: it holds, says why, and goes on at photo 11 when another card is in; or ends there, where that was chosen before. */
    #[Group('turn-3')]
    public function testAFullCardIsWaitedForAndNoPhotoIsLost(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 18]), 1, 100, [['kind' => 'card_full', 'frame' => 10]]);
        $take->run(whenPaused: static fn (string $card): bool => rename("{$card}/DCIM", "{$card}-first"));
        self::assertSame('complete', $take->ended(), $take->errors());
        self::assertStringContainsString(Words::of('devices.run.card_full') . ' ' . Words::of('devices.run.change_it'), self::alarms($take));
        $times = array_count_values(array_map(static fn (LogLine $line): int => (int) $line->photo, array_filter($take->lines, static fn (LogLine $line): bool => $line->kind === LogKind::Confirmed)));
        ksort($times);
        self::assertSame(array_fill_keys(range(1, count($times)), 1), $times);
        $orders = array_filter($take->lines, static fn (LogLine $line): bool => $line->kind === LogKind::Command && $line->text('order') !== 'set_it');
        self::assertSame([['pause', 'evrent'], ['go_on', 'evrent']], array_values(array_map(static fn (LogLine $line): array => [$line->text('order'), $line->text('by')], $orders)));
        // Within two photos.
        $lost = array_filter($take->lines, static fn (LogLine $line): bool => $line->kind === LogKind::NotTaken);
        self::assertLessThanOrEqual(2, count($lost));

        $ends = new TakeUnderFire(self::plan(['/timing/photos' => 18]), 1, 100, [['kind' => 'card_full', 'frame' => 10]], ['--when-out=end']);
        $ends->run();
        self::assertSame(['incomplete', 1], [$ends->ended(), $ends->exitCode]);
        self::assertSame(Words::of('devices.run.card_full') . ' ' . Words::of('devices.run.ends_here'), $ends->lines[count($ends->lines) - 1]->text('why'));
    }

    /** Its battery is empty after photo 6: the camera is gone, which is said with the cause, and where nobody stands by the take ends. */
    #[Group('long')]
    public function testACameraWhoseBatteryIsEmptyIsWaitedFor(): void
    {
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 12]), 1, 200, [['kind' => 'camera_battery', 'frame' => 6]]);
        $take->run();
        self::assertSame([$take->shouldEnd(), []], [$take->ended(), $take->wrong(true)], $take->errors());
        self::assertStringContainsString('Camera not responding', self::alarms($take));
    }

    /**
     * @param array<string, mixed> $fault
     * @param list<string>         $wrong
     * @param list<string>         $outOfPlace axes
     */
    #[DataProvider('faults')]
    public function testWhatGoesWrongIsNoticedAndTheRestIsTaken(array $fault, string $says, array $wrong, array $outOfPlace): void
    {
        // What is looked at now and then is looked at on a busy machine too.
        $take = new TakeUnderFire(self::plan(['/timing/photos' => 18]), 1, $fault['kind'] === 'rig_battery' ? 50 : 120, [$fault]);
        $take->run();
        self::assertSame([$take->shouldEnd(), $wrong], [$take->ended(), $take->wrong(false)], $take->errors());
        self::assertStringContainsString($says, self::alarms($take));
        self::assertSame($outOfPlace === [], $take->outOfPlace() === []);
    }

    private static function alarms(TakeUnderFire $take): string
    {
        return implode(' ', array_map(static fn (LogLine $line): string => (string) $line->words('says'), $take->lines));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with($changes + ['/timing/photos' => 40, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
    }
}
