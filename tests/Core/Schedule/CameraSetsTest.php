<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Sequencer;
use Evrent\Core\Schedule\CameraSets;
use Evrent\Core\Schedule\PhotoStream;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Faults;
use Evrent\Devices\Virtual\Jitter;
use Evrent\Devices\Virtual\VirtualCamera;
use Evrent\Devices\Virtual\VirtualRig;
use Evrent\Devices\Virtual\VirtualTimer;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Where the camera is set on the way, and what that costs.
 */
final class CameraSetsTest extends TestCase
{
    /** Half a second to two: six thirds of a stop, set one after another; and a jump of ISO. */
    public function testItIsSetWhereTheMarkOrTheIsoChanges(): void
    {
        $column = CameraSets::column(self::ramp(), Schedule::of(self::ramp())->exposureSeconds);
        self::assertSame([0.25], array_values(array_unique(array_filter($column, static fn (float $seconds): bool => $seconds > 0.0))));
        // Six marks on from half a second, and the ISO of photo 21.
        self::assertCount(7, array_filter($column, static fn (float $seconds): bool => $seconds > 0.0));
        self::assertSame(0.25, $column[19]);
    }

    public function testNothingIsSetWhereNothingChangesOrNobodyCan(): void
    {
        $none = [
            self::ramp(['/timing/exposure_s' => 0.5, '/light/iso_changes' => []]), self::ramp(['/camera/set_s' => 0]),
            self::ramp(['/camera/exposure_timed_by' => 'controller', '/light/iso_changes' => []]),
            self::ramp(['/trigger' => ['by' => 'camera_timer']]), self::ramp(['/light/control' => 'aperture_priority', '/light/iso_changes' => []]),
        ];
        foreach ($none as $n => $plan) {
            self::assertSame(0.0, (float) array_sum(CameraSets::column($plan, Schedule::of($plan)->exposureSeconds)), "plan {$n}");
        }
    }

    /** Schedule, stream and dry run agree on a plan in which setting is what everything waits for. */
    public function testAllWaysThroughAPlanAgree(): void
    {
        $plan = self::ramp(['/camera/set_s' => 8]);
        $schedule = Schedule::of($plan);
        self::assertGreaterThan(1.0, $schedule->summary->lateSeconds);
        foreach (PhotoStream::of($plan) as $photo) {
            self::assertEquals($schedule->photo($photo->number), $photo);
        }
        $jitter = new Jitter(3);
        $start = array_map(static fn (array $column): int => $column[0], $schedule->moves->motorPositionSteps);
        $rig = new VirtualRig($plan->rig, $start, $jitter, new Faults([]));
        $camera = new VirtualCamera($plan->camera, $jitter, new Faults([]));
        $late = 0.0;
        foreach (Sequencer::run($schedule, new VirtualTimer($jitter, new Faults([])), $rig, $camera) as $taken) {
            $late = $taken->lateSeconds;
        }
        self::assertEqualsWithDelta($schedule->summary->lateSeconds, $late, 1.0);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function ramp(array $changes = []): Plan
    {
        return Plans::with(array_merge([
            '/timing/photos' => 40, '/timing/interval_s' => 6, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/camera/set_s' => 0.25,
            '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 2]],
            '/light' => ['aperture' => 8, 'iso' => 100, 'iso_changes' => [['frame' => 21, 'iso' => 200]]],
        ], $changes));
    }
}
