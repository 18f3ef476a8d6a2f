<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Format\FaultsReader;
use Evrent\Core\Format\RunLogJson;
use Evrent\Core\Run\PhotoTaken;
use Evrent\Core\Run\RunLog;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Virtual\DryRun;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Rehearsed faults, each with the mark it leaves in the log.
 */
final class FaultsTest extends TestCase
{
    /**
     * @param array<string, mixed> ...$faults
     */
    private static function rehearse(array ...$faults): RunLog
    {
        $plan = Plans::example('1-two-keyframes');
        $list = FaultsReader::fromJson(json_encode(['format' => 'evrent.faults/1', 'faults' => array_values($faults)], JSON_THROW_ON_ERROR), $plan->rig->axisIds());

        return DryRun::of(Schedule::of($plan), 5, $list);
    }

    /**
     * @return array<int, string> by photo number
     */
    private static function unusable(RunLog $log): array
    {
        $found = [];
        foreach ($log->photos as $photo) {
            if ($log->faultsOf($photo) !== []) {
                $found[$photo->number] = implode(', ', $log->faultsOf($photo));
            }
        }

        return $found;
    }

    public function testWithoutFaultsEveryPhotoIsUsable(): void
    {
        $log = self::rehearse();
        self::assertSame(240, $log->usablePhotos);
        self::assertNull($log->stoppedAfter());
    }

    public function testAMissedTriggerLosesOnePhotoAndTheRigGoesOn(): void
    {
        $log = self::rehearse(['kind' => 'missed_trigger', 'frame' => 50], ['kind' => 'missed_trigger', 'frame' => 240]);
        self::assertSame([50 => 'run.photo.not_taken', 240 => 'run.photo.not_taken'], self::unusable($log));
        self::assertSame(0, $log->latePhotos);
    }

    public function testASlowCardFillsTheBufferAndMakesPhotosLate(): void
    {
        $log = self::rehearse(['kind' => 'slow_card', 'frame' => 100, 'factor' => 40, 'frames' => 30]);
        $late = array_values(array_filter($log->photos, static fn (PhotoTaken $photo): bool => $photo->lateSeconds > 0.1));
        self::assertNotSame([], $late);
        // Eight places are full before the first is on the card: photo 107 is still on time.
        self::assertGreaterThan(107, $late[0]->number);
        self::assertSame(240, $log->usablePhotos);
    }

    public function testAStalledAxisStandsStillAndIsOutOfPlaceFromThenOn(): void
    {
        $log = self::rehearse(['kind' => 'stalled_axis', 'frame' => 60, 'axis' => 'slide', 'frames' => 2]);
        $unusable = self::unusable($log);
        self::assertSame(61, array_key_first($unusable));
        self::assertCount(180, $unusable);
        // Two moves of 4.767 mm at 160 steps/mm are missing to the end.
        self::assertSame('run.photo.out_of_place(axis: axes.slide, steps: -1526)', $unusable[240]);
        self::assertSame($log->photos[59]->motorPositionSteps['slide'], $log->photos[61]->motorPositionSteps['slide']);
    }

    public function testLostStepsStayLost(): void
    {
        $log = self::rehearse(['kind' => 'lost_steps', 'frame' => 100, 'axis' => 'pan', 'steps' => 9], ['kind' => 'lost_steps', 'frame' => 20, 'axis' => 'tilt', 'steps' => 1]);
        $unusable = self::unusable($log);
        self::assertSame(101, array_key_first($unusable));
        self::assertSame('run.photo.out_of_place(axis: axes.pan, steps: -9)', $unusable[200]);
    }

    public function testATimerThatStopsEndsTheRun(): void
    {
        $log = self::rehearse(['kind' => 'timer_stops', 'frame' => 99]);
        self::assertCount(99, $log->photos);
        self::assertSame(99, $log->stoppedAfter());
    }

    public function testAfterAPauseOrAPowerCutNoPhotoIsLostOrDoubledAndThePlaceIsKept(): void
    {
        foreach (['pause', 'power_cut'] as $kind) {
            $log = self::rehearse(['kind' => $kind, 'frame' => 100, 'seconds' => 300]);
            self::assertSame(range(1, 240), array_column($log->photos, 'number'));
            self::assertSame(240, $log->usablePhotos);
            self::assertEqualsWithDelta(0.0, $log->photos[99]->lateSeconds, 0.01);
            self::assertEqualsWithDelta(300.0, $log->photos[100]->lateSeconds, 0.01);
            // It goes on at the interval instead of catching up.
            self::assertEqualsWithDelta(300.0, $log->photos[239]->lateSeconds, 0.02);
        }
    }

    public function testTheLogSaysOfEachPlannedPhotoWhatBecameOfIt(): void
    {
        $json = implode('', [...RunLogJson::pieces(self::rehearse(['kind' => 'missed_trigger', 'frame' => 5], ['kind' => 'timer_stops', 'frame' => 7]), 5, Words::sayAll(...))]);
        /** @var array{summary: array<string, mixed>, frames: list<array<string, mixed>>} $log */
        $log = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        self::assertCount(240, $log['frames']);
        self::assertSame([240, 6, 6, 7], [$log['summary']['photos_planned'], $log['summary']['photos_taken'], $log['summary']['photos_usable'], $log['summary']['stopped_after_frame']]);
        self::assertSame([['not taken'], [], [], ['not reached']], array_column(array_slice($log['frames'], 4, 4), 'faults'));
        self::assertNull($log['frames'][8]['trigger_s']);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function badLists(): iterable
    {
        yield 'not JSON' => ['[', ''];
        yield 'no format' => ['{"faults":[]}', '/format'];
        yield 'no list' => ['{"format":"evrent.faults/1"}', '/faults'];
        yield 'unknown kind' => ['{"format":"evrent.faults/1","faults":[{"kind":"gremlin","frame":1}]}', '/faults/0/kind'];
        yield 'photo 0' => ['{"format":"evrent.faults/1","faults":[{"kind":"missed_trigger","frame":0}]}', '/faults/0/frame'];
        yield 'an axis the rig lacks' => ['{"format":"evrent.faults/1","faults":[{"kind":"stalled_axis","frame":1,"axis":"roll"}]}', '/faults/0/axis'];
        yield 'a field of another kind' => ['{"format":"evrent.faults/1","faults":[{"kind":"pause","frame":1,"seconds":1,"factor":2}]}', '/faults/0/factor'];
        yield 'an endless pause' => ['{"format":"evrent.faults/1","faults":[{"kind":"pause","frame":1,"seconds":1e300}]}', '/faults/0/seconds'];
    }

    #[DataProvider('badLists')]
    public function testABadListIsRefusedByPointer(string $json, string $pointer): void
    {
        try {
            FaultsReader::fromJson($json, Plans::example('1-two-keyframes')->rig->axisIds());
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertContains($pointer, array_column($invalid->problems, 'pointer'));
        }
    }
}
