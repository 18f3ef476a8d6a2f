<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Format\ScheduleJson;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Stop motion: the same places and motor steps, and no clock.
 */
final class StopMotionTest extends TestCase
{
    /** An interval far too short for the rig, which nobody looks at here. */
    private const STOP_MOTION = ['/timing/mode' => 'stop_motion', '/timing/interval_s' => 0.1, '/timing/exposure_s' => 3];

    /**
     * @return array{summary: array<string, mixed>, frames: list<array<string, mixed>>}
     */
    private static function json(Plan $plan): array
    {
        /** @var array{summary: array<string, mixed>, frames: list<array<string, mixed>>} */
        return json_decode(implode('', [...ScheduleJson::pieces($plan)]), true, 16, JSON_THROW_ON_ERROR);
    }

    public function testPlacesAndStepsAreThoseOfAnyOtherMode(): void
    {
        $clocked = Schedule::of(Plans::with([]));
        $stepped = Schedule::of(Plans::with(self::STOP_MOTION));
        self::assertSame($clocked->moves->positions, $stepped->moves->positions);
        self::assertSame($clocked->moves->motorSteps, $stepped->moves->motorSteps);
        self::assertSame($clocked->moves->moveSeconds, $stepped->moves->moveSeconds);
    }

    public function testTheFormatGivesNoTimes(): void
    {
        $document = self::json(Plans::with(self::STOP_MOTION));
        self::assertSame([null, null, null, null], [$document['summary']['run_s'], $document['summary']['booked_s'], $document['summary']['min_slack_s'], $document['summary']['late_s']]);
        self::assertSame(240, $document['summary']['photos_total']);
        foreach (['trigger_s', 'open_s', 'close_s', 'interval_s', 'late_s', 'write_end_s', 'required_s', 'slack_s'] as $field) {
            self::assertNull($document['frames'][100][$field], $field);
        }
        self::assertSame(3, $document['frames'][100]['exposure_s']);
        self::assertIsNumeric($document['frames'][100]['move_s']);
        $rows = [...ScheduleCsv::rows(Plans::with(self::STOP_MOTION))];
        self::assertSame('', $rows[101][2]);
        self::assertCount(count($rows[0]), $rows[101]);
    }

    public function testAnIntervalMayBeLeftOut(): void
    {
        $timing = ['mode' => 'stop_motion', 'frames_per_second' => 24, 'photos' => 216, 'head_photos' => 12, 'tail_photos' => 12, 'exposure_s' => 0.8];
        self::assertSame(240, Plans::with(['/timing' => $timing])->photosTotal());
    }

    public function testNoCheckSpeaksOfTime(): void
    {
        $report = Report::on(Shot::of(Plans::with(self::STOP_MOTION + ['/camera/long_exposure_noise_reduction' => true])));
        self::assertSame([], $report->findings);
        self::assertSame(FindingId::TooLittleSettling, Report::on(Shot::of(Plans::with(self::STOP_MOTION + ['/rig/settle_s' => 0])))->findings[0]->id);
    }

    public function testTheDryRunGoesAsFastAsRigAndCameraCanAndCallsNothingLate(): void
    {
        $schedule = Schedule::of(Plans::with(self::STOP_MOTION));
        $log = DryRun::of($schedule, 3);
        self::assertSame([240, 0], [$log->usablePhotos, $log->latePhotos]);
        self::assertGreaterThan($schedule->summary->runSeconds, $log->runSeconds);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(20);
    }

    #[DataProvider('plans')]
    public function testEveryPhotoComesAsSoonAsItCan(Plan $plan): void
    {
        $schedule = Schedule::of($plan->withTiming($plan->timing->withMode(\Evrent\Core\Timing\Mode::StopMotion)));
        $triggers = $schedule->timeline->triggerSeconds;
        foreach ($schedule->timeline->requiredSeconds as $n => $required) {
            if ($required !== null) {
                self::assertEqualsWithDelta($triggers[$n] + $required, $triggers[$n + 1], 1e-9);
                self::assertSame($required, $schedule->intervalSeconds[$n]);
                self::assertSame(0.0, $schedule->timeline->slackSeconds[$n]);
            }
        }
        self::assertSame([0.0, 0], [$schedule->summary->lateSeconds, $schedule->summary->stretchedPhotos]);
    }
}
