<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Trial;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Presets\TrialText;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\TypedText;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/**
 * Test shoots: intervals against shutter times, and what came of each.
 */
final class TrialController
{
    private const CLIP_SECONDS = 20.0;

    public function index(Shoot $shoot): View
    {
        return view('trials.index', ['shoot' => $shoot, 'trials' => $shoot->trials()->get()]);
    }

    public function store(Request $request, Shoot $shoot): RedirectResponse
    {
        $text = static fn (string $field): string => Typed::text($request, $field);
        try {
            $matrix = TrialText::read($text('subject'), $text('intervals'), $text('shutters'), $text('photos'));
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->withInput()->withErrors(ShotResponse::errors($invalid, 'trial'));
        }
        $shoot->trials()->create(['subject' => $matrix->subject, 'content' => TrialText::toJson($matrix)]);

        return $this->back($shoot)->with('notice', "The test of “{$matrix->subject}” is laid out.");
    }

    /** The verdicts on all cells, as they stand in the table. */
    public function update(Request $request, Shoot $shoot, Trial $trial): RedirectResponse
    {
        try {
            DB::connection()->transaction(static function () use ($request, $trial): void {
                $locked = Trial::query()->lockForUpdate()->findOrFail($trial->id);
                $matrix = $locked->matrix();
                $verdicts = $matrix->verdictTexts();
                foreach (array_keys((array) $request->input('cells', [])) as $cell) {
                    // One that is not there is refused as it always was.
                    $matrix = isset($verdicts["cells.{$cell}.rating"]) ? $matrix : $matrix->withVerdict((string) $cell, 1, '');
                }
                foreach (SeenValues::merged($request, $verdicts) as $field => $text) {
                    [, $cell, $part] = explode('.', $field);
                    if ($text !== $verdicts[$field]) {
                        $own = [...$matrix->verdictOf($cell), $part => $text];
                        $rating = TypedText::number($own['rating']);
                        $matrix = $matrix->withVerdict($cell, $rating === null ? null : (int) $rating, $own['note']);
                    }
                }
                $locked->update(['content' => TrialText::toJson($matrix)]);
            });
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->withInput()->withErrors(["verdict.{$trial->id}" => $invalid->problems[0]->message]);
        }

        return redirect()->to(route('trials.index', $shoot) . "#trial-{$trial->id}");
    }

    /** The best cell as a recipe. */
    public function recipe(Shoot $shoot, Trial $trial): RedirectResponse
    {
        try {
            $recipe = $trial->matrix()->recipe(self::CLIP_SECONDS);
        } catch (InvalidInput $invalid) {
            return $this->back($shoot)->with('notice', $invalid->problems[0]->message);
        }
        // Pressed in two windows at once, it is one recipe all the same.
        DB::connection()->transaction(static fn () => DB::statement('lock table presets in share row exclusive mode') ? Preset::query()->updateOrCreate(
            ['name' => $trial->subject],
            ['kind' => PresetKind::Recipe, 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)],
        ) : null);

        return redirect()->route('presets.index')->with('notice', "“{$trial->subject}” is a recipe now.");
    }

    public function destroy(Shoot $shoot, Trial $trial): RedirectResponse
    {
        $trial->delete();

        return $this->back($shoot)->with('deleted', ['kind' => 'trial', 'id' => $trial->id, 'name' => $trial->subject]);
    }

    private function back(Shoot $shoot): RedirectResponse
    {
        return redirect()->route('trials.index', $shoot);
    }
}
