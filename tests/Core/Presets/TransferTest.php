<?php

declare(strict_types=1);

namespace Tests\Core\Presets;

use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\AppliedRecipe;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Presets\Transfer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

final class TransferTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(20);
    }

    #[DataProvider('plans')]
    public function testOnItsOwnRigAMoveIsItself(Plan $plan): void
    {
        $moved = Transfer::move($plan, $plan);
        foreach ($plan->path->positionColumns() as $axisId => $column) {
            self::assertEqualsWithDelta($column, $moved->path->positionColumns()[$axisId], 2e-3);
        }
    }

    public function testAxesThatTheOtherRigLacksStayWhereItStands(): void
    {
        $panTilt = Plans::with([
            '/rig/axes' => [['id' => 'pan', 'kind' => 'rotary', 'min' => -90, 'max' => 90, 'max_speed' => 9, 'max_acceleration' => 9, 'steps_per_unit' => 50]],
            '/move/keyframes' => [['at' => 0, 'pan' => -45], ['at' => 1, 'pan' => 45]],
        ]);
        $moved = Transfer::move($panTilt, Plans::with([]));
        // A quarter of the way along its travel is a quarter of the way along the other's.
        self::assertSame([-90.0, 40.0, 2.0], [$moved->move->keyframes[0]->positions['pan'], $moved->move->keyframes[0]->positions['slide'], $moved->move->keyframes[0]->positions['tilt']]);
        self::assertSame([90.0, 40.0], [$moved->move->keyframes[1]->positions['pan'], $moved->move->keyframes[1]->positions['slide']]);
    }

    /**
     * @return list<string> names of the plans that new shots start from
     */
    private static function starters(): array
    {
        $names = [];
        foreach ((array) glob(dirname(__DIR__, 3) . '/resources/plans/*.plan.json') as $file) {
            $names[] = basename((string) $file, '.plan.json');
        }

        return $names;
    }

    private static function starter(string $name): Plan
    {
        return PlanReader::fromJson((string) file_get_contents(dirname(__DIR__, 3) . "/resources/plans/{$name}.plan.json"));
    }

    /**
     * @return array<string, array{string, string}>
     */
    public static function rigs(): array
    {
        return Cases::named(self::pairsOfRigs(), 12);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    private static function pairsOfRigs(): iterable
    {
        foreach (self::starters() as $from) {
            foreach (self::starters() as $to) {
                yield "{$from} to {$to}" => [$from, $to];
            }
        }
    }

    /** From none, one, two, three axes and endless ones to any other: what comes can be kept, and what the other rig has no axis for is left out. */
    #[DataProvider('rigs')]
    public function testAMoveGoesFromAnyRigToAnyOther(string $from, string $to): void
    {
        [$one, $other] = [self::starter($from), self::starter($to)];
        foreach ([Transfer::move($one, $other), Transfer::shot($one, $other)] as $moved) {
            self::assertSame($other->rig->axisIds(), $moved->rig->axisIds());
            self::assertSame(PlanWriter::toJson($moved), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($moved))));
            foreach ($moved->rig->axes as $axis) {
                $before = $one->rig->axis($axis->id);
                $goes = $moved->move->keyframes[1]->positions[$axis->id] - $moved->move->keyframes[0]->positions[$axis->id];
                // What has no ends goes as far as it went: a quarter turn stays one.
                if ($before !== null && ($before->isEndless || $axis->isEndless)) {
                    self::assertSame($one->move->keyframes[1]->positions[$axis->id] - $one->move->keyframes[0]->positions[$axis->id], $goes);
                }
            }
        }
    }

    /** Whatever stands on the legs or on the rig, every recipe gives it a clip. */
    public function testARecipeFitsEveryRig(): void
    {
        foreach (self::starters() as $starter) {
            $plan = AppliedRecipe::on(new PinnedPlan(self::starter($starter)), new Recipe(10, 0.25, 12.5, 'Slow cloud has time.'))->plan;
            self::assertSame([300, 10.0], [$plan->photosTotal(), $plan->timing->interval->longest()], $starter);
        }
    }

    public function testARecipeKeepsRigAndFramingAndGivesTheClip(): void
    {
        $plan = AppliedRecipe::on(new PinnedPlan(Plans::with(['/timing/interval_means' => 'gap'])), new Recipe(10, 0.25, 12.5, 'Slow cloud has time.'))->plan;
        $schedule = Schedule::of($plan);
        self::assertSame([10.0, 2.5, 300], [$schedule->intervalSeconds[0], $schedule->exposureSeconds[0], $schedule->photosTotal()]);
        self::assertEquals(Plans::with([])->move, $plan->move);
    }

    public function testARecipeIsReadAndKept(): void
    {
        $recipe = RecipeText::read('2 min', '40 %', '20', 'Why not.');
        self::assertEquals($recipe, RecipeText::fromJson(RecipeText::toJson($recipe), 'Why not.'));
        foreach (['{}', '[]', 'x', '{"interval_s":1,"open_share":0.5,"clip_s":1,"more":1}', '{"interval_s":0,"open_share":0.5,"clip_s":1}'] as $json) {
            try {
                RecipeText::fromJson($json, 'Why not.');
                self::fail('accepted');
            } catch (InvalidInput $invalid) {
                self::assertNotSame([], $invalid->problems);
            }
        }
    }
}
