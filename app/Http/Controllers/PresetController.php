<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shot;
use App\Plans\Presets;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\RecipeText;
use Evrent\Core\InvalidInput;
use Evrent\Core\Presets\PresetKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/**
 * Moves, shots and recipes that are kept.
 */
final class PresetController
{
    public function index(): View
    {
        return view('presets.index', ['presets' => Preset::query()->orderBy('kind')->orderBy('name')->get()]);
    }

    /** Keeps a shot's move, or all of it but the rig. */
    public function store(Request $request, Shot $shot): RedirectResponse
    {
        $kind = PresetKind::tryFrom(Typed::text($request, 'kind'));
        $request->validateWithBag('preset', $this->nameRules(null), $this->nameMessages());
        Preset::query()->create([
            'name' => Typed::text($request, 'name'),
            'kind' => $kind === PresetKind::Shot ? PresetKind::Shot : PresetKind::Move,
            'note' => Typed::text($request, 'note'),
            'content' => PlanWriter::toJson($shot->currentRevision()->toPlan()),
        ]);

        return redirect()->route('shots.show', $shot)->with('notice', 'Kept as “' . Typed::text($request, 'name') . '”.');
    }

    public function storeRecipe(Request $request): RedirectResponse
    {
        return $this->keepRecipe($request, new Preset(['kind' => PresetKind::Recipe]), 'recipe.new');
    }

    public function update(Request $request, Preset $preset): RedirectResponse
    {
        if ($preset->kind === PresetKind::Recipe) {
            return $this->keepRecipe($request, $preset, "recipe.{$preset->id}");
        }
        $request->validateWithBag("preset{$preset->id}", $this->nameRules($preset), $this->nameMessages());
        $preset->update(['name' => Typed::text($request, 'name'), 'note' => Typed::text($request, 'note')]);

        return redirect()->route('presets.index')->with('notice', "“{$preset->name}” is kept.");
    }

    public function destroy(Preset $preset): RedirectResponse
    {
        $preset->delete();

        return redirect()->route('presets.index')->with('notice', "“{$preset->name}” is gone.");
    }

    /** Starts the shot's plan from a preset. */
    public function apply(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $preset = Preset::query()->find($request->integer('preset'));
        if ($preset === null) {
            return ShotResponse::changed($request, $shot, '', 'That preset is gone. Choose another.');
        }
        try {
            $applied = Presets::applied($preset, $shot->currentRevision()->toPlan());
            $saveRevision($shot, $applied, "{$preset->kind->label()} “{$preset->name}”", $request->integer('revision'));
        } catch (InvalidInput $invalid) {
            return ShotResponse::changed($request, $shot, '', "“{$preset->name}” does not fit here. {$invalid->problems[0]->message}");
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return ShotResponse::changed($request, $shot, '', "“{$preset->name}” is applied. Undo takes it back.");
    }

    private function keepRecipe(Request $request, Preset $preset, string $bag): RedirectResponse
    {
        $problems = [];
        $recipe = null;
        try {
            $recipe = RecipeText::read(
                Typed::text($request, 'interval_s'),
                Typed::text($request, 'open_share'),
                Typed::text($request, 'clip_s'),
                Typed::text($request, 'note'),
            );
        } catch (InvalidInput $invalid) {
            $problems = ShotResponse::errors($invalid, $bag);
        }
        $name = validator(['name' => Typed::text($request, 'name')], $this->nameRules($preset->exists ? $preset : null), $this->nameMessages());
        if ($name->fails()) {
            $problems["{$bag}.name"] = $name->errors()->first('name');
        }
        if ($problems !== [] || $recipe === null) {
            return redirect()->route('presets.index')->withInput([...$request->all(), 'bag' => $bag])->withErrors($problems);
        }
        $preset->fill(['name' => Typed::text($request, 'name'), 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)])->save();

        return redirect()->route('presets.index')->with('notice', "“{$preset->name}” is kept.");
    }

    /**
     * @return array<string, list<mixed>>
     */
    private function nameRules(?Preset $preset): array
    {
        return ['name' => ['required', 'string', 'max:120', 'not_regex:/\p{Cc}/u', Rule::unique('presets', 'name')->ignore($preset)]];
    }

    /**
     * @return array<string, string>
     */
    private function nameMessages(): array
    {
        return ['name.unique' => 'There is one of this name already. Enter another.', 'name.*' => 'Enter a name of up to 120 characters, on one line.'];
    }
}
