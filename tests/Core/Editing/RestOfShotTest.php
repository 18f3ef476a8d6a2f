<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\RestOfShot;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * The rest of a shot stands where the whole would have stood, and takes as long.
 */
final class RestOfShotTest extends TestCase
{
    public function testThePlacesIntervalsAndExposuresOfWhatIsLeftAreThose(): void
    {
        $checked = 0;
        foreach (Cases::numbers(120) as $seed) {
            $whole = Schedule::of(Plans::ofSeed($seed));
            $total = $whole->photosTotal();
            if ($total < 3 || $total > 2_000) {
                continue;
            }
            foreach (array_unique([2, intdiv($total, 3) + 1, intdiv($total, 2) + 1, $total - 1]) as $from) {
                if ($from < 2 || $from > $total - 1) {
                    continue;
                }
                $rest = Schedule::of(RestOfShot::of($whole, $from));
                self::assertSame($total - $from + 1, $rest->photosTotal(), "seed {$seed} from {$from}");
                foreach ($whole->plan->rig->axes as $axis) {
                    foreach ($rest->moves->motorPositionSteps[$axis->id] as $n => $steps) {
                        self::assertEqualsWithDelta($whole->moves->motorPositionSteps[$axis->id][$from - 1 + $n], $steps, 1.0, "seed {$seed} from {$from}: {$axis->id}, photo {$n}");
                    }
                }
                foreach ([0, $rest->photosTotal() - 1] as $n) {
                    self::assertEqualsWithDelta($whole->exposureSeconds[$from - 1 + $n], $rest->exposureSeconds[$n], 1e-6 + 1e-6 * $rest->exposureSeconds[$n]);
                }
                // It is a plan as any other: it can be kept and read.
                self::assertEquals($rest->plan->move, PlanReader::fromJson(PlanWriter::toJson($rest->plan))->move);
                $checked++;
            }
        }
        self::assertGreaterThan(10, $checked);
    }

    public function testACutBetweenTwoRunsLeavesTheNextAsItIs(): void
    {
        $plan = self::threeKeyframes();
        $whole = Schedule::of($plan);
        // B stands on travelling photo 20 of 0 … 40 and is held for 5 more: photo 23 is the third of those that stand there.
        $rest = RestOfShot::of($whole, 23, ', the rest');
        self::assertCount(2, $rest->move->keyframes);
        self::assertSame($plan->move->keyframes[1]->positions, $rest->move->keyframes[0]->positions);
        self::assertSame($plan->move->keyframes[2]->positions, $rest->move->keyframes[1]->positions);
        self::assertSame([21, 3, 4], [$rest->timing->photos, $rest->timing->headPhotos, $rest->timing->tailPhotos]);
        self::assertSame('Example, the rest', $rest->title);
    }

    public function testWhereNothingMovesAnyMorePhotosAreLeftStanding(): void
    {
        $whole = Schedule::of(self::threeKeyframes());
        $rest = Schedule::of(RestOfShot::of($whole, $whole->photosTotal() - 2));
        self::assertSame(3, $rest->photosTotal());
        self::assertSame([0, 0, 0], $rest->moves->motorSteps['slide']);
    }

    public function testItStartsAsMuchLaterAsItsFirstPhotoWasPlanned(): void
    {
        $whole = Schedule::of(Plans::with(['/start' => ['event' => 'sunset', 'offset_s' => -600], '/site' => Plans::SITE]));
        $rest = RestOfShot::of($whole, 31);
        $triggers = $whole->timeline->triggerSeconds;
        self::assertEqualsWithDelta(-600.0 + $triggers[30] - $triggers[0], $rest->start?->offsetSeconds, 1e-6);
    }

    public function testKeysAreCutToo(): void
    {
        $keyed = Plans::with(['/timing/interval_s' => [['at' => 0, 'interval_s' => 6], ['at' => 0.5, 'interval_s' => 10], ['at' => 1, 'interval_s' => 6]]]);
        $whole = Schedule::of($keyed);
        $from = intdiv($whole->photosTotal(), 4) + 1;
        $rest = Schedule::of(RestOfShot::of($whole, $from));
        self::assertEqualsWithDelta($keyed->timing->interval->at($from - 1, $whole->photosTotal()), $rest->plan->timing->interval->at(0, $rest->photosTotal()), 1e-9);
        self::assertCount(3, $rest->plan->timing->interval->keys);
    }

    public function testARestOfLessThanTwoPhotosIsNone(): void
    {
        $whole = Schedule::of(Plans::with([]));
        foreach ([1, 0, $whole->photosTotal(), $whole->photosTotal() + 5] as $from) {
            try {
                RestOfShot::of($whole, $from);
                self::fail("from {$from}");
            } catch (InvalidInput $invalid) {
                self::assertSame('/from', $invalid->problems[0]->pointer);
            }
        }
    }

    private static function threeKeyframes(): Plan
    {
        return Plans::with([
            '/title' => 'Example', '/timing/photos' => 41, '/timing/head_photos' => 0, '/timing/tail_photos' => 4,
            '/move/keyframes' => [
                ['at' => 0, 'slide' => 0, 'pan' => 0, 'tilt' => 0],
                ['at' => 0.5, 'slide' => 300, 'pan' => 10, 'tilt' => 0, 'hold_photos' => 5],
                ['at' => 1, 'slide' => 400, 'pan' => 30, 'tilt' => 5],
            ],
        ]);
    }
}
