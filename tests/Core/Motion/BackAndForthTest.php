<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\KeyframeEdits;
use Evrent\Core\Editing\RestOfShot;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TurnsText;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Phase;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A move that goes from its first keyframe to its last and back, for as long as there are photos.
 */
final class BackAndForthTest extends TestCase
{
    public function testItComesBackTheWayItWentAndTurnsRoundOnOnePhoto(): void
    {
        $plan = self::plan(61, 21);

        $slide = $plan->path->positionColumns()['slide'];

        self::assertCount(61, $slide);
        foreach (range(0, 20) as $index) {
            self::assertSame($slide[$index], $slide[40 - $index], "photo {$index} of the way back");
            self::assertSame($slide[$index], $slide[40 + $index], "photo {$index} of the third way");
        }
        self::assertEqualsWithDelta($slide[20], $plan->path->positionsAt(20.0)['slide'], 1e-12);
        self::assertEqualsWithDelta($plan->path->positionsAt(19.5)['slide'], $plan->path->positionsAt(20.5)['slide'], 1e-9, 'between photos too');
        self::assertSame([[0, false], [20, true], [40, false]], $plan->path->ways());
    }

    public function testOneWayAloneIsTheMoveThatGoesOnce(): void
    {
        $once = Plans::with(['/timing/photos' => 21, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $schedule = Schedule::of($once);

        self::assertEquals($schedule->moves, Schedule::of(self::plan(21, 21))->moves);
        self::assertSame($schedule->pegPhotos(), Schedule::of(self::plan(61, 21))->pegPhotos(), 'keyframes stand on the first way');
        $positions = Schedule::of(self::plan(61, 21))->moves->positions;
        self::assertSame($schedule->moves->positions['pan'], array_slice($positions['pan'], 0, 21));
    }

    public function testPhotosAreHeldAsOftenAsTheMoveComesToTheirKeyframe(): void
    {
        $plan = KeyframeEdits::holding(KeyframeEdits::addedAtPhoto(self::plan(61, 21), 11), 1, 3);
        $plan = KeyframeEdits::holding($plan, 2, 2);

        // Three times past the middle, once at the far end and once more at the end of the third way.
        self::assertSame(61 + 3 * 3 + 2 * 2, $plan->photosTotal());
        $schedule = Schedule::of($plan);
        self::assertCount(13, array_keys($schedule->order->phases, Phase::Hold, true));
        self::assertSame(3 + 2 + 3 + 3 + 2, $plan->heldPhotos());
    }

    public function testRampsStandAtEachTurn(): void
    {
        $schedule = Schedule::of(self::plan(41, 21, ['/move/easing' => ['ramp_in' => 0.2, 'ramp_out' => 0.1, 'shape' => 'cubic']]));

        $at = static fn (int $index): float => $schedule->timeline->triggerSeconds[$index];
        self::assertEqualsWithDelta([
            ['in', $at(0), $at(4)], ['out', $at(18), $at(20) - $at(18)], ['in', $at(20), $at(22) - $at(20)], ['out', $at(36), $at(40) - $at(36)],
        ], $schedule->ramps(), 1e-9);
    }

    public function testItReadsAsItWasWritten(): void
    {
        $plan = self::plan(61, 21);

        self::assertSame(21, PlanReader::fromJson(PlanWriter::toJson($plan))->move->oneWayPhotos);
        self::assertStringNotContainsString('one_way_photos', PlanWriter::toJson(Plans::with([])), 'a move that goes once says nothing of it');
    }

    /**
     * @return iterable<string, array{int, mixed, string}>
     */
    public static function refused(): iterable
    {
        yield 'more than all' => [61, 62, 'motion.path.one_way(photos: 61)'];
        yield 'one photo' => [61, 1, 'motion.move.one_way'];
        yield 'half a photo' => [61, 20.5, 'motion.path.same_photo(oneWay: 2)'];
        yield 'fewer than its keyframes' => [61, 2, 'motion.path.same_photo(oneWay: 2)'];
    }

    #[DataProvider('refused')]
    public function testAWayThatCannotBeIsRefusedByItsField(int $photos, mixed $oneWay, string $says): void
    {
        $middle = ['at' => 0.5, 'slide' => 100, 'pan' => 0, 'tilt' => 0];
        [$start, $end] = [['at' => 0] + $middle, ['at' => 1] + $middle];

        try {
            Plans::with([
                '/timing/photos' => $photos, '/move' => ['keyframes' => [$start, $middle, $end], 'one_way_photos' => $oneWay],
            ]);
            self::fail('it was taken');
        } catch (InvalidInput $invalid) {
            self::assertStringContainsString($says, $invalid->getMessage());
            self::assertStringStartsWith('/move/', $invalid->problems[0]->pointer);
        }
    }

    public function testMorePhotosGoOnAtTheSamePace(): void
    {
        $plan = self::plan(61, 21);
        $longer = $plan->withTiming($plan->timing->withPhotos(200));

        self::assertSame($plan->path->positionColumns()['slide'], array_slice($longer->path->positionColumns()['slide'], 0, 61));
        self::assertEqualsWithDelta(
            Schedule::of($plan)->summary->largestStep['slide'],
            Schedule::of($longer)->summary->largestStep['slide'],
            1e-9,
        );
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function froms(): iterable
    {
        foreach ([2, 15, 21, 22, 33, 41, 50, 59] as $from) {
            yield "from photo {$from}" => [$from];
        }
    }

    #[DataProvider('froms')]
    public function testWhatIsLeftOfItStandsWhereItsPhotosWouldHaveStood(int $from): void
    {
        $plan = self::plan(60, 21, ['/move/easing' => ['ramp_in' => 0.2, 'ramp_out' => 0.1, 'shape' => 'cosine']]);
        $schedule = Schedule::of($plan);

        $rest = Schedule::of(RestOfShot::of($schedule, $from));

        self::assertNull($rest->plan->move->oneWayPhotos);
        self::assertSame(60 - $from + 1, $rest->photosTotal());
        foreach ($plan->rig->axes as $axis) {
            foreach ($rest->moves->positions[$axis->id] as $n => $position) {
                self::assertEqualsWithDelta(
                    $schedule->moves->positions[$axis->id][$from - 1 + $n],
                    $position,
                    0.51 / $axis->stepsPerUnit,
                    "{$axis->id} at photo {$n} of the rest",
                );
            }
        }
    }

    public function testItIsCheckedLikeAnyOther(): void
    {
        $once = Plans::with(['/timing/photos' => 21, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        $findings = static fn (Plan $plan): array => array_column(Report::on(Shot::of($plan))->findings, 'id');

        self::assertSame($findings($once), $findings(self::plan(61, 21)));
        self::assertSame(
            'units.sentences(first: motion.turns.at(count: 2, photos: [21, 41]), last: motion.turns.ends_at_last)',
            (string) TurnsText::of(Schedule::of(self::plan(61, 21))),
        );
        self::assertSame(
            'units.sentences(first: motion.turns.at(count: 29, photos: [3, 5, 7, 9, 11, 13, motion.turns.more(count: 23)]), last: motion.turns.cut_short(photos: 2, all: 3))',
            (string) TurnsText::of(Schedule::of(self::plan(60, 3))),
        );
        self::assertSame('motion.turns.never', (string) TurnsText::of(Schedule::of(self::plan(21, 21))));
        self::assertSame('', TurnsText::of(Schedule::of($once)));
    }

    /**
     * @param array<string, mixed> $with
     */
    private static function plan(int $photos, int $oneWay, array $with = []): Plan
    {
        return Plans::with([
            '/timing/photos' => $photos, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/move/one_way_photos' => $oneWay, ...$with,
        ]);
    }
}
