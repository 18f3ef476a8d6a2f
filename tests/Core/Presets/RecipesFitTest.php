<?php

declare(strict_types=1);

namespace Tests\Core\Presets;

use Database\Seeders\KitSeeder;
use Database\Seeders\RecipeSeeder;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\Picking;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\AppliedRecipe;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Shot\LightToBegin;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\Mode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * Every recipe that ships, on every body, rig and lens that ships: nothing above a note is found against it.
 */
final class RecipesFitTest extends TestCase
{
    /**
     * @return list<KitItem>
     */
    private static function kit(KitKind $kind): array
    {
        return array_values(array_filter(KitSeeder::pieces(), static fn (KitItem $piece): bool => $piece->kind === $kind));
    }

    private static function starter(KitItem ...$kit): Plan
    {
        $plan = PlanReader::fromJson((string) file_get_contents(dirname(__DIR__, 3) . '/resources/plans/' . 'slide-pan-tilt.plan.json'));

        return array_reduce($kit, Picking::pick(...), $plan);
    }

    /**
     * @return array<string, array{Recipe, Plan, LightToBegin}>
     */
    public static function shots(): array
    {
        return Cases::named(self::allShots(), 20);
    }

    /**
     * @return iterable<string, array{Recipe, Plan, LightToBegin}>
     */
    private static function allShots(): iterable
    {
        foreach (RecipeSeeder::recipes() as $name => $recipe) {
            foreach (self::kit(KitKind::Body) as $body) {
                if ($recipe->exposedFor === ExposedFor::Sky && $body->address === 'own') {
                    continue; // Nobody shoots stars with a phone or a pocket camera: battery and sensor are too small, and that is told.
                }
                foreach (self::kit(KitKind::Rig) as $rig) {
                    foreach (self::lensesOf($body) as $lens) {
                        yield "{$name}, {$body->name}, {$rig->name}, {$lens->name}" => [
                            $recipe, self::starter($body, $rig, $lens), new LightToBegin($lens->value('widest_aperture'), $body->value('highest_iso'), [3.0, 6.0, 10.0]),
                        ];
                    }
                }
            }
        }
    }

    /**
     * A phone and a pocket camera have a lens of their own, and nothing else goes on them.
     *
     * @return list<KitItem>
     */
    private static function lensesOf(KitItem $body): array
    {
        return array_values(array_filter(
            self::kit(KitKind::Lens),
            static fn (KitItem $lens): bool => $lens->value('focal_mm') < 10.0 === ($body->address === 'own'),
        ));
    }

    #[DataProvider('shots')]
    public function testNothingAboveANoteIsFound(Recipe $recipe, Plan $plan, LightToBegin $light): void
    {
        self::assertFits($recipe, $plan, $light);
        // The same where the light is known, with filters at hand.
        $filters = self::kit(KitKind::Filter);
        $starts = $recipe->exposedFor === null ? ($recipe->followsLight ? ['event' => 'sunset', 'offset_s' => -1_800] : ['event' => 'clock', 'at' => '10:00'])
            : ['event' => 'clock', 'at' => '22:00'];
        $site = Plans::with(['/site' => ['date' => '2027-04-07'] + Plans::SITE, '/start' => $starts, '/light' => ['filters' => array_map(
            static fn (KitItem $filter): ?float => $filter->value('nd_stops'),
            $filters,
        )]]);
        if ($recipe->onMains) {
            return; // Five days and nights: no one exposure is right for all of them, and that is true.
        }
        self::assertFits($recipe, $plan->with(['site' => $site->site, 'start' => $site->start, 'light' => $recipe->exposedFor === null ? $site->light : null]), $light);
    }

    private static function assertFits(Recipe $recipe, Plan $plan, LightToBegin $light): void
    {
        $applied = AppliedRecipe::edited(new PinnedPlan($plan), $recipe, 'recipe', $light);
        $above = array_filter(Report::on(Shot::of($applied->plan))->all(), static fn (Finding $finding): bool => $finding->severity !== Severity::Info);
        self::assertSame([], array_map(static fn (Finding $finding): string => "{$finding->id->value} {$finding->title}: {$finding->sentence}", array_values($above)), implode(' ', $applied->givesWay));
        self::assertSame($plan->timing->mode, $applied->plan->timing->mode, 'how it moves is none of a recipe’s business');
        $chose = abs($applied->plan->timing->interval->longest() - $recipe->intervalSeconds) > 0.005;
        self::assertSame($chose, str_contains(implode(' ', $applied->givesWay), 'presets.applied.interval'));
    }

    public function testARigThatCannotStopInTimeTakesFewerAndMovesAsItDid(): void
    {
        $plan = self::starter(...[self::kit(KitKind::Body)[0], self::kit(KitKind::Rig)[0], self::kit(KitKind::Lens)[0]]);
        $traffic = AppliedRecipe::edited(new PinnedPlan($plan), RecipeSeeder::recipes()['traffic'], 'recipe');
        self::assertSame([Mode::ShootMoveShoot, 2.2], [$traffic->plan->timing->mode, $traffic->plan->timing->interval->longest()]);
        self::assertSame('presets.applied.interval(interval: 2.2, intervalSeconds: 1.5)', implode(' ', $traffic->givesWay));
    }

    public function testARecipeMovesNoPinnedFigure(): void
    {
        $plan = self::starter();
        $recipe = RecipeSeeder::recipes()['cloud'];
        $photos = AppliedRecipe::edited(new PinnedPlan($plan, new Pins(Figure::Shooting, 300)), $recipe, 'recipe');
        self::assertSame([300, 8.0], [$photos->plan->photosTotal(), $photos->plan->timing->interval->longest()]);
        $clip = AppliedRecipe::edited(new PinnedPlan($plan, new Pins(Figure::Shooting, null, 12.0)), $recipe, 'recipe');
        self::assertSame(288, $clip->plan->photosTotal());
        $interval = AppliedRecipe::edited(new PinnedPlan($plan, new Pins(Figure::Interval, 288, null, 1_728.0)), $recipe, 'recipe');
        self::assertSame([288, 6.0], [$interval->plan->photosTotal(), $interval->plan->timing->interval->longest()]);
        $time = AppliedRecipe::edited(new PinnedPlan($plan, new Pins(Figure::Photos, null, null, 1_728.0)), $recipe, 'recipe');
        self::assertSame([216, 8.0], [$time->plan->photosTotal(), $time->plan->timing->interval->longest()]);
    }

    public function testStarsBeginAsStars(): void
    {
        $plan = self::starter(self::kit(KitKind::Body)[0], self::kit(KitKind::Lens)[0]);
        $stars = AppliedRecipe::on(new PinnedPlan($plan), RecipeSeeder::recipes()['stars'])->plan;
        self::assertSame('sky', $stars->light?->exposedFor->value);
        self::assertLessThanOrEqual(2.8, $stars->light->aperture);
        self::assertGreaterThanOrEqual(1600, $stars->light->iso);
    }
}
