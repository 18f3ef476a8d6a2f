<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangePreset;
use App\Actions\EditShot;
use App\Actions\KeepPreset;
use App\Actions\ThrowAway;
use App\Http\AskedEdit;
use App\Http\Requests\KeepPresetForm;
use App\Http\Requests\PresetForm;
use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Models\Preset;
use App\Models\Shot;
use App\Pages\Presets;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Presets\RecipeText;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

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
    public function store(KeepPresetForm $form, Shot $shot, KeepPreset $keep): RedirectResponse
    {
        $kind = PresetKind::tryFrom($form->text('kind')) === PresetKind::Shot ? PresetKind::Shot : PresetKind::Move;
        $form->taken(static fn () => $keep($shot, $kind, $form->text('name'), $form->text('note')));

        return redirect($shot->path())->with('notice', Words::of('app.preset.kept_as', text: $form->text('name')));
    }

    public function storeRecipe(PresetForm $form, ChangePreset $change): RedirectResponse
    {
        return $this->keep($form, $change);
    }

    public function update(PresetForm $form, Preset $preset, ChangePreset $change): RedirectResponse
    {
        return $this->keep($form, $change);
    }

    public function destroy(Preset $preset, ThrowAway $throwAway): RedirectResponse
    {
        return redirect()->route('presets.index')->with($throwAway($preset, 'preset', $preset->name));
    }

    /** Starts the shot's plan from a preset. */
    public function apply(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $preset = Preset::query()->find($request->integer('preset'));
        if ($preset === null) {
            return ShotResponse::shown($request, $shot, Words::of('app.preset.gone'));
        }

        $edit = static fn (PinnedPlan $plan): Edited => Presets::applied($preset, $plan);

        $notice = Words::of('app.preset.applied', preset: $preset->name);

        $unfit = Words::of('app.no_fit', name: $preset->name);

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit), $notice, $unfit);
    }

    private function keep(PresetForm $form, ChangePreset $change): RedirectResponse
    {
        $name = $form->taken(static fn (): string => $change($form->preset(), static function (?Preset $kept) use ($form): array {
            $typed = ['name' => $form->text('name'), ...$form->numbers()];
            $typed = $kept === null ? $typed : [...$typed, ...SeenValues::merged($form, Presets::texts($kept))];
            if (!$form->isRecipe()) {
                return ['name' => $typed['name'], 'note' => $typed['note']];
            }
            $recipe = Presets::typed($typed);

            return ['name' => $typed['name'], 'note' => $recipe->reason, 'content' => RecipeText::toJson($recipe)];
        }));

        return redirect()->route('presets.index')->with('notice', Words::of('app.preset.kept', name: $name));
    }
}
