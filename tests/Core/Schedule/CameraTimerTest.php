<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Trigger;
use Evrent\Core\Timing\TriggeredBy;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The camera on its own timer: which photos see the rig move, and how many more it takes to reach the last place.
 */
final class CameraTimerTest extends TestCase
{
    /**
     * One slide step of 5 mm takes 0.45 s: closed at 0.3 s, it moves from 0.4 to 0.85 s and settles until 0.95 s, so that of
     * every second the shutter may be open up to 0.4 s and from 0.95 s on.
     *
     * @param array<string, mixed> $trigger
     */
    private static function plan(array $trigger, int $photos = 11): Plan
    {
        return Plans::with([
            '/timing' => ['mode' => 'shoot_move_shoot', 'frames_per_second' => 24, 'photos' => $photos, 'interval_s' => 1, 'exposure_s' => 0.25],
            '/rig' => [
                'axes' => [['id' => 'slide', 'kind' => 'linear', 'min' => 0, 'max' => 9000, 'max_speed' => 20, 'max_acceleration' => 100, 'steps_per_unit' => 10]],
                'post_exposure_delay_s' => 0.1, 'settle_s' => 0.1,
            ],
            '/camera' => ['shutter_lag_s' => 0.05],
            '/move' => ['keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => 5 * ($photos - 1)]]],
            '/trigger' => $trigger + ['by' => 'camera_timer'],
        ]);
    }

    private static function timer(Plan $plan): CameraTimer
    {
        $timer = CameraTimer::of(Schedule::of($plan));
        self::assertNotNull($timer);

        return $timer;
    }

    private static function finding(FindingId $id, Plan $plan): ?Finding
    {
        return Report::on(Shot::of($plan))->finding($id);
    }

    public function testInStepNothingIsSpoiltAndNoneIsMissing(): void
    {
        $timer = self::timer(self::plan([]));
        self::assertSame([], $timer->spoiltPhotos);
        self::assertSame(0, $timer->extraPhotos);
        self::assertNull(self::finding(FindingId::CameraTimerDrifts, self::plan([])));
        self::assertNull(CameraTimer::of(Schedule::of(self::plan(['by' => 'rig', 'camera_interval_s' => 3]))));
    }

    public function testASlowTimerRunsIntoTheMove(): void
    {
        // Photo k closes at 0.3 + 1.03 (k - 1) and the move then starts at 0.4 + (k - 1): 0.03 (k - 1) > 0.1 from k = 5 on,
        // for the ten moves there are. It is behind the rig, and so misses none at the end.
        $timer = self::timer(self::plan(['drift_ppm' => 30_000]));
        self::assertSame([5, 6, 7, 8, 9, 10], $timer->spoiltPhotos);
        self::assertSame(0, $timer->extraPhotos);
        $finding = self::finding(FindingId::CameraTimerDrifts, self::plan(['drift_ppm' => 30_000]));
        self::assertSame(Severity::Error, $finding?->severity);
        self::assertSame([5, 6, 'checks.camera_timer_drifts.spoilt(photos: 6)'], [$finding->firstPhoto, $finding->photoCount, (string) $finding->shortfall]);
    }

    public function testAFastTimerOpensWhileTheRigSettlesAndEndsEarly(): void
    {
        // Photo k opens at 0.05 + 0.98 (k - 1), and settling before it ends at 0.95 + (k - 2): 0.02 (k - 1) > 0.1 from k = 7 on.
        // After ten intervals it is 0.2 s ahead: one more reaches the last place.
        $timer = self::timer(self::plan(['drift_ppm' => -20_000]));
        self::assertSame([7, 8, 9, 10, 11], $timer->spoiltPhotos);
        self::assertSame(1, $timer->extraPhotos);
    }

    public function testAShorterSettingNeedsMorePhotosToReachTheLastPlace(): void
    {
        // The rig stands at its last place from 10 s on: at 0.8 s an interval that is photo 14 (10.4 s), three more than eleven.
        self::assertSame(3, self::timer(self::plan(['camera_interval_s' => 0.8]))->extraPhotos);
        self::assertSame(0, self::timer(self::plan(['camera_interval_s' => 0.8, 'camera_photos' => 14]))->extraPhotos);
    }

    public function testEarlyStartAloneIsAskedForOneMorePhoto(): void
    {
        $plan = self::plan(['camera_starts_s' => -0.05]);
        $finding = self::finding(FindingId::CameraTimerDrifts, $plan);
        self::assertSame(['checks.camera_timer_drifts.too_few(photos: 1)', Severity::Warning], [(string) $finding?->shortfall, $finding?->severity]);
        self::assertSame(12, $finding?->remedy('photos')?->mended->trigger->cameraPhotos);
    }

    public function testTheRemediesKeepItInStepOrTieItToTheRig(): void
    {
        $finding = self::finding(FindingId::CameraTimerDrifts, self::plan(['drift_ppm' => 12_000]));
        self::assertNotNull($finding);
        // Room of 0.1 s on both sides and a drift of 0.12 s: started 0.1 s early, it strays from -0.1 to 0.02 s.
        self::assertSame('checks.camera_timer_drifts.in_step(interval: units.seconds(number: 1), part: checks.camera_timer_drifts.before_rig(by: 0.1))', (string) $finding->remedies()[0]->label);
        self::assertSame(TriggeredBy::Rig, $finding->remedies()[1]->mended->trigger->by);
        foreach ($finding->remedies() as $remedy) {
            self::assertNull(self::finding(FindingId::CameraTimerDrifts, $remedy->mended), (string) $remedy->label);
        }
        self::assertNull(self::finding(FindingId::CameraTimerDrifts, self::plan(['drift_ppm' => 60_000]))?->remedy('in_step'), 'no start keeps 0.6 s of drift in 0.2 s of room');
    }

    public function testTheRigDoesNotWaitForACameraItDoesNotFire(): void
    {
        $slowCard = ['/camera/write_s' => 3, '/timing/interval_s' => 2.5];
        self::assertGreaterThan(10, Schedule::of(Plans::with($slowCard))->summary->lateSeconds);
        $alone = Plans::with($slowCard + ['/trigger' => ['by' => 'camera_timer']]);
        self::assertEqualsWithDelta(0, Schedule::of($alone)->summary->lateSeconds, 1e-9);
        $finding = self::finding(FindingId::IntervalTooShortForCamera, $alone);
        self::assertNotNull($finding);
        self::assertSame('checks.interval_too_short_for_camera.write', (string) $finding->title);
        // Both go slower, and stay in step.
        $mended = $finding->remedies()[0]->mended;
        self::assertNull(self::finding(FindingId::IntervalTooShortForCamera, $mended));
        self::assertSame([null, 3.0], [$mended->trigger->cameraIntervalSeconds, $mended->timing->interval->longest()]);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(40);
    }

    #[DataProvider('plans')]
    public function testOnTheRigsOwnIntervalAndWithoutDriftItSeesWhatTheRigPlans(Plan $plan): void
    {
        $schedule = Schedule::of($plan->withTrigger(new Trigger(TriggeredBy::CameraTimer)));
        $timer = CameraTimer::of($schedule);
        self::assertNotNull($timer);
        if (!$schedule->summary->fits() || !$timer->timeline->keepsTime()) {
            // A camera or rig that cannot keep the interval goes its own way: nothing to hold it against.
            self::assertNotSame([], Report::on(Shot::on($schedule))->stopping());

            return;
        }
        self::assertSame([], $timer->spoiltPhotos);
        self::assertSame(0, $timer->extraPhotos);
        self::assertEqualsWithDelta($schedule->timeline->triggerSeconds, $timer->timeline->triggerSeconds, 1e-6);
    }
}
