<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\RehearsedLog;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

/**
 * For random schedules and fault lists: what a dry run says, what its log says, and what the state machine of a take does on the same devices.
 */
final class TakesAgreeTest extends TestCase
{
    private const PLANS = 300;

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(self::PLANS, 1, 60);
    }

    /** The log of a dry run read again says of each photo what the run did. */
    #[DataProvider('plans')]
    public function testTheLogSaysWhatTheRunDid(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $log = DryRun::of($schedule, 7, self::faults($plan));
        $report = TakeReport::of($schedule, RehearsedLog::lines($schedule, $log->photos));
        self::assertSame(count($log->photos), count($report->photos));
        $before = -INF;
        foreach ($log->photos as $photo) {
            $told = $report->photos[$photo->number];
            $moved = preg_grep('/out_of_place|moving/', array_map(strval(...), $log->faultsOf($photo))) !== [];
            $states = match (true) {
                $photo->exposed === null => ['missing'],
                $moved => ['moved'],
                default => ['good', 'late'],
            };
            self::assertContains($told['state']->value, $states, "photo {$photo->number}");
            self::assertEqualsWithDelta($photo->triggerSeconds, $told['actual'], 1e-9);
            self::assertGreaterThanOrEqual($before, $told['actual']);
            $before = $told['actual'];
        }
        $missed = array_filter($log->photos, static fn (PhotoTaken $photo): bool => $photo->exposed === null);
        $whole = $missed === [] ? Ending::Complete : Ending::Incomplete;
        self::assertSame($log->stoppedAfter() === null ? $whole : Ending::Failed, $report->state->ending);
    }

    /** On the same devices, with the same faults, the state machine triggers when a controller does, stands where it stands, and gets the same photos. */
    #[DataProvider('plans')]
    public function testTheStateMachineDoesWhatTheRunDid(Plan $plan): void
    {
        $schedule = Schedule::of($plan->withTrigger($plan->trigger->by(TriggeredBy::Rig)));
        $faults = self::faults($plan);
        $run = DryRun::of($schedule, 7, $faults)->photos;
        $take = (new TakeOnVirtualDevices($schedule, 7, $faults))->run();
        self::assertSame(count($run), count($take->photos));
        self::assertSame(self::taken($run), self::taken($take->photos));
        // What a camera's lag happens to be is known to neither until it is over: it may add up where the camera is what they wait for.
        $delta = RunLog::NOTICEABLE_SECONDS;
        foreach ($run as $n => $photo) {
            self::assertEqualsWithDelta($photo->triggerSeconds, $take->photos[$n]->triggerSeconds, $delta, "photo {$photo->number}");
            // Nor does anybody know at once that a trigger was not heard: a take waits for the shutter that never opened.
            $delta += 0.02 + ($photo->exposed === null ? $schedule->timeline->cameraSeconds[$n] ?? 0.0 : 0.0);
        }
    }

    /**
     * @param list<PhotoTaken> $photos
     *
     * @return list<array{int, bool, array<string, int>}> number, whether it was taken, where the motors stood
     */
    private static function taken(array $photos): array
    {
        return array_map(static fn (PhotoTaken $one): array => [$one->number, $one->exposed !== null, $one->motorPositionSteps], $photos);
    }

    /**
     * @return list<Fault>
     */
    private static function faults(Plan $plan): array
    {
        $chance = new Randomizer(new Mt19937(crc32($plan->title . $plan->timing->photos)));
        $faults = [];
        for ($count = $chance->getInt(0, 4); $count > 0; $count--) {
            $photo = $chance->getInt(1, $plan->photosTotal());
            $kinds = array_values(array_filter(FaultKind::cases(), static fn (FaultKind $kind): bool => $kind->isRehearsed()));
            $faults[] = new Fault(
                $kinds[$chance->getInt(0, count($kinds) - 1)],
                $photo,
                $plan->rig->axes[0]->id,
                $chance->getInt(1, 5),
                (float) $chance->getInt(2, 20),
                $chance->getInt(1, 60),
                (float) $chance->getInt(1, 90),
            );
        }

        return $faults;
    }
}
