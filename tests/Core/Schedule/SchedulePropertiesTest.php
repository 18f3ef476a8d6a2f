<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Light\Light;
use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Phase;
use Evrent\Core\Schedule\PhotoStream;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Summary;
use Evrent\Core\Timing\Mode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What must hold for any plan at all.
 */
final class SchedulePropertiesTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(60);
    }

    #[DataProvider('plans')]
    public function testEveryKeyframeIsMetOnItsPhotoAndNoAxisOvershoots(Plan $plan): void
    {
        $columns = $plan->path->positionColumns();
        $indices = Path::travelIndices($plan->move, $plan->timing->photos);
        foreach ($plan->rig->axisIds() as $id) {
            $column = $columns[$id];
            self::assertCount($plan->timing->photos, $column);
            foreach ($plan->move->keyframes as $k => $keyframe) {
                self::assertSame($keyframe->positions[$id], $column[$indices[$k]]);
                if ($k === 0) {
                    continue;
                }
                $before = $plan->move->keyframes[$k - 1]->positions[$id];
                for ($j = $indices[$k - 1]; $j <= $indices[$k]; $j++) {
                    self::assertGreaterThanOrEqual(min($before, $keyframe->positions[$id]) - 1e-9, $column[$j]);
                    self::assertLessThanOrEqual(max($before, $keyframe->positions[$id]) + 1e-9, $column[$j]);
                }
            }
        }
    }

    #[DataProvider('plans')]
    public function testStepsAddUpAndStayWithinHalfAStep(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        foreach ($plan->rig->axes as $axis) {
            $steps = $schedule->moves->motorSteps[$axis->id];
            $stands = $schedule->moves->motorPositionSteps[$axis->id];
            self::assertSame($stands[count($stands) - 1] - $stands[0], array_sum($steps));
            foreach ($schedule->moves->positions[$axis->id] as $n => $position) {
                self::assertLessThanOrEqual(0.5 + 1e-6, abs($stands[$n] - $position * $axis->stepsPerUnit));
            }
        }
    }

    #[DataProvider('plans')]
    public function testTimeRunsForwardsAndNoPhotoStartsBeforeItsRigAndCameraAreReady(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $photos = array_map($schedule->photo(...), range(1, $schedule->photosTotal()));
        $last = count($photos) - 1;
        $nominal = 0.0;
        for ($n = 0; $n < $last; $n++) {
            [$photo, $next] = [$photos[$n], $photos[$n + 1]];
            self::assertEqualsWithDelta($schedule->untilNextSeconds($n), (float) $photo->requiredSeconds + (float) $photo->slackSeconds, 1e-9);
            self::assertGreaterThanOrEqual($photo->closeSeconds, $next->triggerSeconds + 1e-9);
            self::assertGreaterThanOrEqual($photo->triggerSeconds + $photo->intervalSeconds - 1e-9, $next->triggerSeconds);
            self::assertGreaterThanOrEqual($photo->triggerSeconds + (float) $photo->requiredSeconds - 1e-9, $next->triggerSeconds);
            // The card has all but the last few, or there would be no place in the buffer.
            $freed = $n + 1 - $plan->camera->bufferFrames;
            if ($freed >= 0) {
                self::assertLessThanOrEqual($next->triggerSeconds + 1e-9, $photos[$freed]->writeEndSeconds);
            }
            if ($plan->timing->mode === Mode::ShootMoveShoot && array_filter($photo->motorSteps, static fn (int $steps): bool => $steps !== 0) !== []) {
                $still = $photo->closeSeconds + $plan->rig->postExposureDelaySeconds + $photo->moveSeconds + $plan->rig->settleSeconds;
                self::assertLessThanOrEqual($next->triggerSeconds + 1e-9, $still);
            }
            $nominal += $schedule->untilNextSeconds($n);
            self::assertEqualsWithDelta($next->triggerSeconds - $nominal, $next->lateSeconds, 1e-6);
        }
        self::assertNull($photos[$last]->requiredSeconds);
        self::assertNull($photos[$last]->slackSeconds);
    }

    #[DataProvider('plans')]
    public function testPhasesCountUpAndStandingPhotosStand(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $count = array_count_values(array_map(static fn (Phase $phase): string => $phase->value, $schedule->order->phases));
        self::assertSame($plan->timing->headPhotos, $count['head'] ?? 0);
        self::assertSame($plan->timing->photos, $count['move'] ?? 0);
        self::assertSame($plan->timing->tailPhotos, $count['tail'] ?? 0);
        self::assertSame($plan->photosTotal(), array_sum($count));
        foreach ($schedule->order->phases as $n => $phase) {
            if ($n > 0 && in_array($phase, [Phase::Hold, Phase::Tail], true)) {
                self::assertSame($schedule->photo($n)->positions, $schedule->photo($n + 1)->positions);
            }
        }
    }

    #[DataProvider('plans')]
    public function testBothModesStandAtTheSamePlaceForEachPhoto(Plan $plan): void
    {
        $json = static fn (string $mode): string => (string) preg_replace('/"mode": "\w+"/', "\"mode\": \"{$mode}\"", PlanWriter::toJson($plan));
        $stops = Schedule::of(PlanReader::fromJson($json('shoot_move_shoot')));
        $creeps = Schedule::of(PlanReader::fromJson($json('continuous')));
        self::assertSame($stops->moves->positions, $creeps->moves->positions);
        self::assertSame($stops->moves->motorSteps, $creeps->moves->motorSteps);
    }

    #[DataProvider('plans')]
    public function testPhotoByPhotoIsTheSameAsTheWholeSchedule(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $number = 0;
        foreach (PhotoStream::of($plan) as $photo) {
            $number++;
            self::assertEquals($schedule->photo($number), $photo);
        }
        self::assertSame($schedule->photosTotal(), $number);
        self::assertEqualsWithDelta($schedule->summary, Summary::ofPhotos($plan, PhotoStream::of($plan)), 1e-6);
    }

    #[DataProvider('plans')]
    public function testAPlanWrittenAndReadIsTheSamePlan(Plan $plan): void
    {
        $json = PlanWriter::toJson($plan);
        self::assertSame($json, PlanWriter::toJson(PlanReader::fromJson($json)));
        self::assertEquals(Schedule::of($plan)->timeline, Schedule::of(PlanReader::fromJson($json))->timeline);
    }

    /** What a change leaves alone is kept, and the schedule is the one that it would have been. */
    public function testTheScheduleAfterAChangeIsThatOfTheChangedPlan(): void
    {
        foreach (Plans::drawn(60) as $name => [$plan]) {
            $schedule = Schedule::of($plan);
            $timing = $plan->timing;
            $changes = [
                $plan, $plan->with(['light' => new Light(), 'start' => null]), $plan->withTitle('Another'),
                $plan->withExposure($timing->exposure->map(static fn (float $seconds): float => $seconds * 0.5)),
                $plan->withInterval($timing->interval->map(static fn (float $seconds): float => $seconds * 1.5)),
                $plan->withTiming($timing->withPhotos($timing->photos + 3)),
                $plan->withRig($plan->rig->withSettling($plan->rig->settleSeconds + 0.25)),
                $plan->withCamera($plan->camera->with(['writeSeconds' => $plan->camera->writeSeconds + 0.5])),
            ];
            foreach ($changes as $k => $changed) {
                // Whole numbers, floats to the last bit and all that hangs on them, compared as text in a fraction of the time.
                self::assertSame(serialize(Schedule::of($changed)), serialize($schedule->after($changed)), "{$name}, change {$k}");
            }
        }
    }
}
