<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Flicker;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Order;
use Evrent\Core\Run\Take\PhotoState;
use Evrent\Core\Run\Take\TakeFindings;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What spoils a shoot, as a take's log shows it: one test for each.
 */
final class TakeFindingsTest extends TestCase
{
    public function testAWholeTakeShowsNothing(): void
    {
        self::assertSame([], self::ids(self::lines()));
    }

    public function testT6IntervalsThatWereStretched(): void
    {
        // Asked for every 8 s, come every 8.4 s: 39 · 0.4 = 15.6 s longer.
        $finding = self::found(FindingId::ControllerStretchesInterval, self::lines(interval: 8.4));
        self::assertSame('takes.found.stretched_sentence(actual: 8.4, planned: 8, longer: 15.6)', (string) $finding->sentence);
    }

    public function testT7ATimerThatRunsAway(): void
    {
        // 500 in a million slow over 39 intervals of 8 s: 0.156 s.
        $lines = self::lines(more: static fn (int $photo): array => [self::confirmed($photo, 8.0 * ($photo - 1) * 1.0005 + 1.0)]);
        array_unshift($lines, new LogLine(LogKind::Note, 0.0, null, ['own_timer' => 'started']));
        self::assertSame('takes.found.drifted_slow(by: 0.156, ppm: 500)', (string) self::found(FindingId::CameraTimerDrifts, $lines)->sentence);
    }

    public function testC2AnApertureThatNeverClosesAlike(): void
    {
        $lines = self::lines(more: static fn (int $photo): array => [
            self::confirmed($photo), new LogLine(LogKind::Note, 0.0, $photo, ['luma' => 0.2 * 2.0 ** ($photo % 2 === 0 ? 0.2 : -0.2)]),
        ]);
        self::assertSame('takes.found.flicker_jumps(count: 32, stops: 0.36, jump: 0.15)', (string) self::found(FindingId::ApertureFlicker, $lines)->sentence);
    }

    public function testL3ALampThatPasses(): void
    {
        $lines = self::lines(more: static fn (int $photo): array => [
            self::confirmed($photo), new LogLine(LogKind::Note, 0.0, $photo, ['luma' => $photo === 12 ? 0.4 : 0.2 * 2.0 ** (-0.02 * $photo)]),
        ]);
        self::assertSame([[12, 12]], self::found(FindingId::Flicker, $lines)->spans);
    }

    public function testC4AndL2PhotosThatWereNotTaken(): void
    {
        $lines = self::lines(more: static fn (int $photo): array => in_array($photo, [5, 6, 9], true)
            ? [new LogLine(LogKind::NotTaken, 8.0 * $photo, $photo)] : [self::confirmed($photo)]);
        self::assertSame('takes.found.not_taken_sentence(count: 3, numbers: [photos.span(first: 5, last: 6), 9])', (string) self::found(FindingId::TriggerCableLoose, $lines)->sentence);
        $lines[] = new LogLine(LogKind::Note, 400.0, null, ['extra' => '/DCIM/100EVRNT/EVR_0099.JPG']);
        self::assertSame('units.sentences(first: takes.found.missing(count: 3), last: takes.found.extra(count: 1, files: EVR_0099.JPG))', (string) self::found(FindingId::PhotosMissingOrExtra, $lines)->sentence);
    }

    /** Off by a third of a stop is as planned; by more it is not, and neither is what was taken while a dial stood elsewhere. */
    public function testT4PhotosThatWereExposedOtherwise(): void
    {
        $off = [5 => 0.3, 6 => -1.0, 7 => 2.0, 20 => 0.4];
        $lines = array_map(static fn (LogLine $line): LogLine => $line->kind !== LogKind::Outcome || !isset($off[(int) $line->photo]) ? $line : new LogLine(
            $line->kind,
            $line->seconds,
            $line->photo,
            $line->more + ['off_stops' => $off[(int) $line->photo]],
        ), self::lines(before: static fn (int $photo): array => match ($photo) {
            30 => [new LogLine(LogKind::Alarm, 232.0, 30, ['about' => 'camera ISO', 'says' => 'The camera’s ISO is 800.'])],
            32 => [new LogLine(LogKind::AlarmOver, 248.0, 32, ['about' => 'camera ISO'])],
            default => [],
        }));
        $finding = self::found(FindingId::ExposureNotAsPlanned, $lines);
        self::assertSame('takes.found.exposure_off(photos: photos.some_of_them(numbers: [photos.span(first: 6, last: 7), 20, photos.span(first: 30, last: 31)]), stops: 2 stop)', (string) $finding->sentence);
        self::assertSame(35, self::report($lines)->goodPhotos());
        self::assertFalse(self::report($lines)->state->isWhole());
    }

    public function testR5AnAxisOutOfPlace(): void
    {
        $lines = self::lines(before: static fn (int $photo): array => match ($photo) {
            7 => [new LogLine(LogKind::Alarm, 48.0, 7, ['about' => 'axis slide', 'says' => 'The slide stands -0.250 out of place.'])],
            10 => [new LogLine(LogKind::AlarmOver, 72.0, 10, ['about' => 'axis slide'])],
            default => [],
        });
        self::assertSame('units.sentences(first: takes.found.stalled_axes(axes: [takes.found.axis_from(axis: axes.slide, photo: 7)]), last: takes.found.stalled_jumps(count: 3, photos: photos.some_of_them(numbers: [photos.span(first: 7, last: 9)])))', (string) self::found(FindingId::AxisStalls, $lines)->sentence);
        self::assertSame([7, 8, 9], self::report($lines)->which(PhotoState::Moved));
        self::assertSame([[7, 9]], self::report($lines)->toShootAgain());
    }

    public function testE1PhotosThatWereMarked(): void
    {
        $lines = [...self::lines(), new LogLine(LogKind::Mark, 400.0, 4, ['to' => 6, 'why' => 'headlamps'])];
        self::assertSame('takes.found.flagged_why(photos: photos.some_of_them(numbers: [photos.span(first: 4, last: 6)]), why: headlamps)', (string) self::found(FindingId::PhotosSpoilt, $lines)->sentence);
        $lines[] = new LogLine(LogKind::Mark, 401.0, 4, ['to' => 6, 'as' => 'good']);
        self::assertNotContains(FindingId::PhotosSpoilt, self::ids($lines));
    }

    public function testE2ATimerThatStopsByItself(): void
    {
        $lines = self::lines(more: static fn (int $photo): array => $photo > 30 ? [new LogLine(LogKind::NotTaken, 8.0 * $photo, $photo)] : [self::confirmed($photo)]);
        array_unshift($lines, new LogLine(LogKind::Note, 0.0, null, ['own_timer' => 'started']));
        self::assertSame('takes.found.timer_sentence(photo: 30, total: 40)', (string) self::found(FindingId::TimerStopped, $lines)->sentence);
    }

    public function testE3APause(): void
    {
        $lines = self::lines(before: static fn (int $photo): array => $photo === 8 ? [
            new LogLine(LogKind::Command, 50.0, null, ['order' => Order::Pause->value]), new LogLine(LogKind::Command, 140.0, null, ['order' => Order::GoOn->value]),
        ] : []);
        self::assertSame('takes.found.paused_sentence(count: 1, total: 90)', (string) self::found(FindingId::PausedAndResumed, $lines)->sentence);
    }

    public function testE4AnInterruption(): void
    {
        $lines = self::lines(before: static fn (int $photo): array => $photo === 8 ? [new LogLine(LogKind::Gap, 50.0, null, ['rig' => 'lost'])] : []);
        self::assertSame('units.sentences(first: units.sentences(first: takes.found.interruptions(count: 1), last: takes.found.homed(count: 1)), last: takes.found.none_lost)', (string) self::found(FindingId::RunInterrupted, $lines)->sentence);
    }

    public function testL1ACounterThatRollsOver(): void
    {
        $lines = self::lines(more: static fn (int $photo): array => [
            self::confirmed($photo, name: sprintf('/DCIM/%dEVRNT/EVR_%04d.JPG', $photo < 20 ? 100 : 101, $photo < 20 ? 9_980 + $photo : $photo - 19)),
        ]);
        self::assertSame('takes.found.rolled_sentence(photo: 20, file: EVR_0001.JPG, before: 9999)', (string) self::found(FindingId::FileCounterRollsOver, $lines)->sentence);
    }

    public function testWhatIsShotAgainIsToldAndTheOldFileIsOut(): void
    {
        $lines = self::lines();
        $end = new LogLine(LogKind::Ended, 345.0, null, ['how' => 'complete']);
        array_pop($lines);
        array_push($lines, new LogLine(LogKind::Command, 330.0, null, ['order' => Order::StepBack->value, 'photos' => 1]), ...self::photo(40, 340.0));
        $lines[] = self::confirmed(40, 341.0, '/DCIM/100EVRNT/EVR_0041.JPG');
        $report = self::report([...$lines, $end]);
        self::assertSame([40 => '/DCIM/100EVRNT/EVR_0040.JPG'], $report->replaced);
        self::assertSame('/DCIM/100EVRNT/EVR_0041.JPG', $report->photos[40]['object']);
        self::assertSame('takes.found.reshot(count: 1, files: EVR_0040.JPG)', (string) self::found(FindingId::PhotosMissingOrExtra, [...$lines, $end])->sentence);
    }

    public function testStillsAreThoseThatWereFramed(): void
    {
        $lines = [...self::lines(), new LogLine(LogKind::Mark, 400.0, 1, [])];
        $stills = self::report($lines)->stills();
        self::assertSame([2 => 'takes.still.nearest(name: A)', 21 => 'takes.still.middle', 40 => 'takes.still.framed(name: B)'], array_map(strval(...), $stills));
    }

    public function testALatePhotoBreaksTheStretch(): void
    {
        $lines = self::lines();
        foreach ($lines as $n => $line) {
            if ($line->kind === LogKind::Outcome && $line->photo === 30) {
                $lines[$n] = new LogLine(LogKind::Outcome, $line->seconds, 30, ['triggered_s' => ($line->number('due_s') ?? 0.0) + 5.0] + $line->more);
            }
        }
        self::assertSame([30], self::report($lines)->which(PhotoState::Late));
        self::assertSame([1, 29], self::report($lines)->clean);
        self::assertSame(39, self::report($lines)->goodPhotos());
    }

    public function testFlickerIsWhatIsLeftBesideTheTrend(): void
    {
        self::assertNull(Flicker::of(array_fill(1, 19, 0.0)));
        $trend = [];
        for ($photo = 1; $photo <= 100; $photo++) {
            $trend[$photo] = -0.05 * $photo;
        }
        self::assertEqualsWithDelta(0.0, Flicker::of($trend)?->stops, 1e-9);
        $trend[50] += 0.4;
        self::assertSame([50], array_keys(Flicker::of($trend)->jumps ?? []));
        self::assertFalse(Flicker::of($trend)?->isOfTheCamera());
    }

    /**
     * @param ?callable(int): list<LogLine> $more   what comes of each photo, in place of its confirmation
     * @param ?callable(int): list<LogLine> $before what happens before each photo
     *
     * @return list<LogLine> of a take of forty photos, one each 8 s
     */
    private static function lines(float $interval = 8.0, ?callable $more = null, ?callable $before = null): array
    {
        $lines = [new LogLine(LogKind::Homed, 0.0), new LogLine(LogKind::Started, 0.0, null, ['due' => 0.0])];
        for ($photo = 1; $photo <= 40; $photo++) {
            array_push($lines, ...($before === null ? [] : $before($photo)), ...self::photo($photo, $interval * ($photo - 1)));
            array_push($lines, ...($more === null ? [self::confirmed($photo, $interval * ($photo - 1) + 1.0)] : $more($photo)));
        }

        return [...$lines, new LogLine(LogKind::Ended, 330.0, null, ['how' => 'complete'])];
    }

    /**
     * @return list<LogLine>
     */
    private static function photo(int $photo, float $at): array
    {
        return [
            new LogLine(LogKind::Intent, $at, $photo, ['due_s' => $at]),
            new LogLine(LogKind::Outcome, $at, $photo, ['state' => 'triggered', 'due_s' => $at, 'triggered_s' => $at, 'closed_s' => $at + 0.5, 'late_s' => 0.0]),
        ];
    }

    private static function confirmed(int $photo, ?float $at = null, ?string $name = null): LogLine
    {
        return new LogLine(LogKind::Confirmed, $at ?? 8.0 * $photo, $photo, ['object' => $name ?? sprintf('/DCIM/100EVRNT/EVR_%04d.JPG', $photo)]);
    }

    /**
     * @param list<LogLine> $lines
     */
    private static function report(array $lines): TakeReport
    {
        return TakeReport::of(Schedule::of(Plans::with([
            '/timing/photos' => 40, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 8,
        ])), $lines);
    }

    /**
     * @param list<LogLine> $lines
     */
    private static function found(FindingId $id, array $lines): Finding
    {
        foreach (TakeFindings::of(self::report($lines)) as $finding) {
            if ($finding->id === $id) {
                return $finding;
            }
        }
        self::fail("{$id->value} was not found");
    }

    /**
     * @param list<LogLine> $lines
     *
     * @return list<FindingId>
     */
    private static function ids(array $lines): array
    {
        return array_map(static fn (Finding $finding): FindingId => $finding->id, TakeFindings::of(self::report($lines)));
    }
}
