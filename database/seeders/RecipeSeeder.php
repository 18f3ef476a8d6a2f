<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Preset;
use Evrent\Core\Light\ExposedFor;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\Recipe;
use Evrent\Core\Presets\RecipeText;
use Illuminate\Database\Seeder;

/**
 * Where to start for usual subjects: intervals, how long the shutter is open, and why. Theirs to change who use them.
 */
final class RecipeSeeder extends Seeder
{
    private const RECIPES = [
        ['Traffic', 1.5, 0.5, 'Cars cross the frame in seconds: short intervals keep them in it, and half open blends their steps.'],
        ['People', 2.0, 0.4, 'A walker takes a step a second: longer intervals make them pop in and out of the picture.'],
        ['Driven cloud or fog', 3.0, 0.3, 'What the wind drives changes shape as it goes: longer intervals boil.'],
        ['Slow cloud', 8.0, 0.1, 'Slow cloud has time; a short exposure keeps its edges.'],
        ['Tide and shadows', 12.0, 0.1, 'Water’s edge and shadow creep: shorter intervals only fill cards, longer ones jump in wind and swell.'],
        [
            'Sunset', 6.0, 0.1, 'The light falls by a stop in some minutes: give each photo its place on the exposure ramp, and leave room for it to lengthen.',
            'follows',
        ],
        ['Stars', 25.0, 0.8, 'As long open as the sky allows, with the shortest gap that the card takes: stars leave no holes in their path.', 'sky'],
        [
            'Growth and building works', 900.0, 0.0001,
            'Change takes days: an interval that divides the hour keeps the light of each hour comparable. Feed it from the mains.', 'mains',
        ],
    ];

    private const CLIP_SECONDS = 20.0;

    public function run(): void
    {
        foreach (self::recipes() as $name => $recipe) {
            Preset::query()->firstOrCreate(['name' => $name], [
                'kind' => PresetKind::Recipe,
                'note' => $recipe->reason,
                'content' => RecipeText::toJson($recipe),
            ]);
        }
    }

    /**
     * @return array<string, Recipe> by name
     */
    public static function recipes(): array
    {
        $recipes = [];
        foreach (self::RECIPES as $row) {
            [$name, $intervalSeconds, $openShare, $reason] = $row;
            $more = $row[4] ?? '';
            $recipes[$name] = new Recipe(
                $intervalSeconds,
                $openShare,
                self::CLIP_SECONDS,
                $reason,
                $more === 'sky' ? ExposedFor::Sky : null,
                $more === 'follows',
                $more === 'mains',
            );
        }

        return $recipes;
    }
}
