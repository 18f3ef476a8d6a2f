<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shot;
use App\Pages\Presets;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeText;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Illuminate\Contracts\View\View;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/**
 * Moves, shots and recipes that are kept.
 */
final class PresetController
{
    private const TAKEN = 'There is one of this name already. Enter another.';

    public function index(): View
    {
        return view('presets.index', ['presets' => Preset::query()->orderBy('kind')->orderBy('name')->get()]);
    }

    /** Keeps a shot's move, or all of it but the rig. */
    public function store(Request $request, Shot $shot): RedirectResponse
    {
        $kind = PresetKind::tryFrom(Typed::text($request, 'kind'));
        $request->validateWithBag('preset', $this->nameRules(null), $this->nameMessages());
        try {
            $this->keep($request, $kind, $shot);
        } catch (UniqueConstraintViolationException) {
            return redirect($shot->path())->withInput()->withErrors(['name' => self::TAKEN], 'preset');
        }

        return redirect($shot->path())->with('notice', 'Kept as “' . Typed::text($request, 'name') . '”.');
    }

    private function keep(Request $request, ?PresetKind $kind, Shot $shot): void
    {
        DB::connection()->transaction(static fn (): Preset => Preset::query()->create([
            'name' => Typed::text($request, 'name'),
            'kind' => $kind === PresetKind::Shot ? PresetKind::Shot : PresetKind::Move,
            'note' => Typed::text($request, 'note'),
            'content' => PlanWriter::toJson($shot->currentRevision()->toPlan()),
        ]));
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
        try {
            DB::connection()->transaction(function () use ($request, $preset): void {
                $locked = Preset::query()->lockForUpdate()->findOrFail($preset->id);
                $request->merge(SeenValues::merged($request, Presets::texts($locked)));
                $request->validateWithBag("preset{$preset->id}", $this->nameRules($preset), $this->nameMessages());
                $locked->update(['name' => Typed::text($request, 'name'), 'note' => Typed::text($request, 'note')]);
            });
        } catch (InvalidInput $invalid) {
            return redirect()->route('presets.index')->withInput()->withErrors(ShotResponse::errors($invalid, ''), "preset{$preset->id}");
        } catch (UniqueConstraintViolationException) {
            return redirect()->route('presets.index')->withInput()->withErrors(['name' => self::TAKEN], "preset{$preset->id}");
        }

        return redirect()->route('presets.index')->with('notice', '“' . Typed::text($request, 'name') . '” is kept.');
    }

    public function destroy(Preset $preset): RedirectResponse
    {
        $preset->delete();

        return redirect()->route('presets.index')->with('deleted', ['kind' => 'preset', 'id' => $preset->id, 'name' => $preset->name]);
    }

    /** Starts the shot's plan from a preset. */
    public function apply(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $preset = Preset::query()->find($request->integer('preset'));
        if ($preset === null) {
            return ShotResponse::shown($request, $shot, 'That preset is gone. Choose another.');
        }

        $edit = static fn (PinnedPlan $plan): Edited => $plan->became(
            Presets::applied($preset, $plan->plan),
            "{$preset->kind->label()} “{$preset->name}”",
        );

        $notice = "“{$preset->name}” is applied. Undo takes it back.";

        $unfit = "“{$preset->name}” does not fit here.";

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit), $notice, $unfit);
    }

    private function keepRecipe(Request $request, Preset $preset, string $bag): RedirectResponse
    {
        $typed = [...$request->all(), 'bag' => $bag];
        $refused = static fn (array $problems): RedirectResponse => redirect()->route('presets.index')->withInput($typed)->withErrors($problems);
        try {
            $name = DB::connection()->transaction(fn (): string => $this->readRecipe($request, $preset));
        } catch (InvalidInput $invalid) {
            return $refused(ShotResponse::errors($invalid, $bag));
        } catch (UniqueConstraintViolationException) {
            return $refused(["{$bag}.name" => self::TAKEN]);
        }

        return redirect()->route('presets.index')->with('notice', "“{$name}” is kept.");
    }

    /**
     * @throws InvalidInput
     */
    private function readRecipe(Request $request, Preset $preset): string
    {
        $fields = ['name', 'interval_s', 'open_share', 'clip_s', 'note'];
        $typed = array_combine($fields, array_map(static fn (string $field): string => Typed::text($request, $field), $fields));
        if ($preset->exists) {
            $preset = Preset::query()->lockForUpdate()->findOrFail($preset->id);
            $typed = [...$typed, ...SeenValues::merged($request, Presets::texts($preset))];
        }
        $problems = new Problems();
        $name = validator(['name' => $typed['name']], $this->nameRules($preset->exists ? $preset : null), $this->nameMessages());
        if ($name->fails()) {
            $problems->add('/name', $name->errors()->first('name'));
        }
        try {
            $recipe = RecipeText::read($typed['interval_s'], $typed['open_share'], $typed['clip_s'], $typed['note']);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $problems->throwIfAny();
        assert(isset($recipe));
        $preset->fill(['name' => $typed['name'], 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)])->save();

        return $typed['name'];
    }

    /**
     * @return array<string, list<mixed>>
     */
    private function nameRules(?Preset $preset): array
    {
        $isFree = Rule::unique('presets', 'name')->ignore($preset)->withoutTrashed();

        return ['name' => ['required', 'string', 'max:120', 'not_regex:/[\p{Cc}\x{FFFD}]/u', $isFree]];
    }

    /**
     * @return array<string, string>
     */
    private function nameMessages(): array
    {
        return ['name.unique' => self::TAKEN, 'name.*' => 'Enter a name of up to 120 characters, on one line.'];
    }
}
