<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\Trigger;
use Evrent\Devices\Faults;
use Evrent\Devices\Virtual\DryRun;
use Evrent\Devices\Virtual\Jitter;
use Evrent\Devices\Virtual\VirtualRig;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class DryRunTest extends TestCase
{
    public function testAPlanWithSlackComesOutOnTime(): void
    {
        $log = DryRun::of(Schedule::of(Plans::example('1-two-keyframes')), 7);
        self::assertCount(240, $log->photos);
        self::assertSame(0, $log->latePhotos);
        self::assertGreaterThan(0.0, $log->latest->lateSeconds);
        self::assertLessThan(0.01, $log->latest->lateSeconds);
        self::assertEqualsWithDelta(1912.86, $log->runSeconds, 0.1);
    }

    public function testATightPlanFallsBehindAndItsWorstPhotoIsNamed(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/interval_s' => 2.43]));
        $log = DryRun::of($schedule, 7);
        self::assertTrue($schedule->summary->fits());
        // Slack of 6 ms at cruising speed is less than what motors and timer lose.
        self::assertSame(max(array_column($log->photos, 'lateSeconds')), $log->latest->lateSeconds);
    }

    public function testTheSameSeedGivesTheSameRunAndAnotherSeedAnother(): void
    {
        $schedule = Schedule::of(Plans::example('3-overrun-with-hold'));
        self::assertEquals(DryRun::of($schedule, 42)->photos, DryRun::of($schedule, 42)->photos);
        self::assertNotEquals(DryRun::of($schedule, 42)->photos, DryRun::of($schedule, 43)->photos);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(30);
    }

    #[DataProvider('plans')]
    public function testAnyPlanIsShotWholeInOrderAndInPlace(Plan $plan): void
    {
        $schedule = Schedule::of($plan->withTrigger(new Trigger()));
        $log = DryRun::of($schedule, 3);
        self::assertSame(range(1, $schedule->photosTotal()), array_column($log->photos, 'number'));
        $before = -1.0;
        foreach ($log->photos as $photo) {
            self::assertSame($schedule->photo($photo->number)->motorPositionSteps, $photo->motorPositionSteps);
            // Devices are late or on time, never early, and a photo never starts before the last one is closed.
            self::assertGreaterThanOrEqual(-1e-6, $photo->lateSeconds);
            self::assertNotNull($photo->exposed);
            self::assertGreaterThan($before, $photo->exposed->openSeconds);
            $before = $photo->exposed->closeSeconds;
        }
    }

    public function testNoiseIsSpreadOverItsRange(): void
    {
        $jitter = new Jitter(5);
        $values = array_map(static fn (): float => $jitter->longer(10.0, 0.1), range(1, 2000));
        self::assertGreaterThanOrEqual(10.0, min($values));
        self::assertLessThanOrEqual(11.0, max($values));
        self::assertEqualsWithDelta(10.5, array_sum($values) / 2000, 0.05);
    }

    public function testACreepThatIsTooFastForAnAxisComesLateByWhatItIsShort(): void
    {
        $rig = new Rig([new Axis('slide', AxisKind::Linear, 0, 1_000, 10, 60, 100)]);
        $virtual = new VirtualRig($rig, ['slide' => 0], new Jitter(1), new Faults([]));
        self::assertSame(5.0, $virtual->creepTo(['slide' => 4_000], 0.0, 5.0), 'forty millimetres take four seconds');
        self::assertSame(15.0, $virtual->creepTo(['slide' => 14_000], 5.0, 10.0), 'a hundred take ten');
    }
}
