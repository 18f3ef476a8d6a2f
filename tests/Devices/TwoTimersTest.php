<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A run in which the camera fires on its own timer.
 */
final class TwoTimersTest extends TestCase
{
    /**
     * @param array<string, mixed> $trigger
     */
    private static function simulate(array $trigger, Fault ...$faults): RunLog
    {
        return DryRun::of(Schedule::of(Plans::with(['/trigger' => $trigger + ['by' => 'camera_timer']])), 4, array_values($faults));
    }

    /**
     * @return list<int>
     */
    private static function whileMoving(RunLog $log): array
    {
        return array_values(array_map(
            static fn (PhotoTaken $photo): int => $photo->number,
            array_filter($log->photos, static fn (PhotoTaken $photo): bool => $photo->whileMoving),
        ));
    }

    public function testInStepItIsAsGoodAsBeingFiredByTheRig(): void
    {
        $log = self::simulate(['camera_starts_s' => -1]);
        self::assertSame([240, 240, 0], [count($log->photos), $log->usablePhotos, $log->latePhotos]);
        self::assertEqualsWithDelta(-1, $log->photos[0]->triggerSeconds, 0.01);
    }

    public function testDriftSpoilsThePhotosThatTheCheckForetold(): void
    {
        $trigger = ['by' => 'camera_timer', 'drift_ppm' => 1_000];
        $predicted = CameraTimer::of(Schedule::of(Plans::with(['/trigger' => $trigger])))->spoiltPhotos ?? [];
        $log = self::simulate($trigger);
        $seen = self::whileMoving($log);
        self::assertGreaterThan(100, count($seen));
        // Devices vary by milliseconds: a photo or two at the edge of a move may go either way.
        self::assertLessThan(4, count(array_diff($predicted, $seen)) + count(array_diff($seen, $predicted)));
        self::assertSame(0, $log->latePhotos, 'drift is planned, and so not lateness');
        self::assertContains('run.photo.moving', array_map(strval(...), $log->faultsOf($log->photos[$seen[0] - 1])));
    }

    public function testMorePhotosThanThePlanHas(): void
    {
        $log = self::simulate(['camera_photos' => 250]);
        self::assertCount(250, $log->photos);
        self::assertSame(240, $log->photos[249]->place);
        self::assertNull($log->stoppedAfter());
        self::assertGreaterThan($log->schedule->summary->runSeconds, $log->plannedRunSeconds());
    }

    public function testTheTimerThatStopsIsTheCameras(): void
    {
        $log = self::simulate([], new Fault(FaultKind::TimerStops, 100));
        self::assertSame(100, $log->stoppedAfter());
    }

    public function testAPauseHoldsUpTheRigAloneAndTheCameraGoesOn(): void
    {
        $log = self::simulate([], new Fault(FaultKind::Pause, 100, photos: 1, seconds: 4));
        self::assertCount(240, $log->photos);
        self::assertSame(0, $log->latePhotos);
        // From then on the rig moves half an interval later than the camera expects.
        self::assertGreaterThan(90, min([999, ...self::whileMoving($log)]));
    }

    public function testLostStepsAreFoundThereToo(): void
    {
        $log = self::simulate([], new Fault(FaultKind::LostSteps, 120, 'slide', 1, 1.0, 40));
        self::assertSame('run.photo.out_of_place(axis: axes.slide, steps: -40)', implode($log->faultsOf($log->photos[200])));
    }
}
