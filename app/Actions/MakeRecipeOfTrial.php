<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Preset;
use App\Models\Trial;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeText;
use Evrent\Words\Words;
use Illuminate\Support\Facades\DB;

/**
 * The best cell of a test shoot as a recipe.
 */
final class MakeRecipeOfTrial
{
    private const CLIP_SECONDS = 20.0;

    /**
     * @throws \Evrent\Core\Values\InvalidInput when no cell is good
     */
    public function __invoke(Trial $trial): void
    {
        $recipe = $trial->matrix()->recipe(self::CLIP_SECONDS, Words::say($trial->matrix()->reason()));
        DB::connection()->transaction(static function () use ($trial, $recipe): void {
            // Pressed in two windows at once, it is one recipe all the same.
            DB::statement('lock table presets in share row exclusive mode');
            Preset::query()->updateOrCreate(
                ['name' => $trial->subject],
                ['kind' => PresetKind::Recipe, 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)],
            );
        });
    }
}
