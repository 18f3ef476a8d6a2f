<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Preset;
use Evrent\Core\Messages\Message;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeOfShot;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Illuminate\Support\Facades\DB;

/**
 * Keeps what a shoot taught as a recipe: a new one, or one there is, amended. What came out poor changes no recipe's numbers: it is said in it.
 */
final class LearnRecipe
{
    /**
     * @param float $clipSeconds of the clip that came of it; 0 for the plan's
     * @param bool  $isGood      whether it came out well enough to be done again
     *
     * @throws InvalidInput by /name, /why
     */
    public function __invoke(Schedule $schedule, float $clipSeconds, string $name, string $sentence, bool $isGood = true): void
    {
        try {
            $recipe = RecipeOfShot::of($schedule, $clipSeconds > 0.0 ? $clipSeconds : $schedule->summary->clipSeconds, $sentence);
        } catch (InvalidInput $invalid) {
            throw new InvalidInput([new Problem('/why', new Message('app.learn_recipe.lesson'))]);
        }
        DB::connection()->transaction(static function () use ($name, $recipe, $isGood): void {
            DB::statement('lock table presets in share row exclusive mode');
            $kept = Preset::query()->where('name', $name)->first();
            if ($kept !== null && $kept->kind !== PresetKind::Recipe) {
                throw new InvalidInput([new Problem('/name', new Message('app.learn_recipe.name'))]);
            }
            if ($kept === null && !$isGood) {
                throw new InvalidInput([new Problem('/name', new Message('app.learn_recipe.poor'))]);
            }
            try {
                $recipe = $isGood ? $recipe : RecipeOfShot::warned(
                    RecipeText::fromJson($kept->content, $kept->note),
                    Words::say(RecipeOfShot::warning($recipe)),
                );
            } catch (InvalidInput) {
                $says = new Message('app.learn_recipe.too_long');
                throw new InvalidInput([new Problem('/why', $says)]);
            }
            Preset::query()->updateOrCreate(
                ['name' => $name],
                ['kind' => PresetKind::Recipe, 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)],
            );
        });
    }
}
