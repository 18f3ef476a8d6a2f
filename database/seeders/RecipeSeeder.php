<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Preset;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Presets\RecipeText;
use Evrent\Words\Words;
use Illuminate\Database\Seeder;

/**
 * Where to start for usual subjects: intervals, how long the shutter is open, and why. Written in the language of the machine when Evrent is
 * first started; from then on they are presets like any other.
 */
final class RecipeSeeder extends Seeder
{
    /** Interval in seconds, share of it that the shutter is open, and what else, by the name of their words under presets.shipped. */
    private const RECIPES = [
        'traffic' => [1.5, 0.5], 'people' => [2.0, 0.4], 'fog' => [3.0, 0.3], 'cloud' => [8.0, 0.1], 'tide' => [12.0, 0.1],
        'sunset' => [6.0, 0.1, 'follows'], 'stars' => [25.0, 0.8, 'sky'], 'growth' => [900.0, 0.0001, 'mains'],
    ];

    private const CLIP_SECONDS = 20.0;

    public function run(): void
    {
        foreach (self::recipes() as $name => $recipe) {
            Preset::query()->firstOrCreate(['name' => Words::of("presets.shipped.{$name}.name")], [
                'kind' => PresetKind::Recipe,
                'note' => $recipe->reason,
                'content' => RecipeText::toJson($recipe),
            ]);
        }
    }

    /**
     * @return array<string, Recipe> by the name of their words
     */
    public static function recipes(): array
    {
        $recipes = [];
        foreach (self::RECIPES as $name => $row) {
            [$intervalSeconds, $openShare] = $row;
            $more = $row[2] ?? '';
            $recipes[$name] = new Recipe(
                $intervalSeconds,
                $openShare,
                self::CLIP_SECONDS,
                Words::of("presets.shipped.{$name}.note"),
                $more === 'sky' ? ExposedFor::Sky : null,
                $more === 'follows',
                $more === 'mains',
            );
        }

        return $recipes;
    }
}
