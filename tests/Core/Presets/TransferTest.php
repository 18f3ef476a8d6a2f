<?php

declare(strict_types=1);

namespace Tests\Core\Presets;

use Evrent\Core\Editing\PinnedPlan;
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

final class TransferTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::random(20);
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
