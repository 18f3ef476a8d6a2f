<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Preset;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeOfShot;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Support\Facades\DB;

/**
 * What a take taught, as a recipe: a new one, or one there is with the take's numbers and sentence.
 */
final class LearnFromTake
{
    /**
     * @throws InvalidInput
     */
    public function __invoke(TakeReport $report, string $name, string $sentence): void
    {
        $schedule = $report->state->schedule;
        $clip = $report->cleanClipSeconds > 0.0 ? $report->cleanClipSeconds : $schedule->summary->clipSeconds;
        try {
            $recipe = RecipeOfShot::of($schedule, $clip, $sentence);
        } catch (InvalidInput $invalid) {
            throw new InvalidInput([new Problem('/why', 'Enter what was learnt, in up to 500 characters.')]);
        }
        DB::connection()->transaction(static function () use ($name, $recipe): void {
            DB::statement('lock table presets in share row exclusive mode');
            $kept = Preset::query()->where('name', $name)->first();
            if ($kept !== null && $kept->kind !== PresetKind::Recipe) {
                throw new InvalidInput([new Problem('/name', 'A move or a shot is kept by that name. Choose another.')]);
            }
            Preset::query()->updateOrCreate(
                ['name' => $name],
                ['kind' => PresetKind::Recipe, 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)],
            );
        });
    }
}
