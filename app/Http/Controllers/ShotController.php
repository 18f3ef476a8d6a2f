<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeShot;
use App\Actions\CreateShot;
use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Plans\Presets;
use App\Plans\ShotPage;
use App\Plans\StarterPlans;
use Evrent\Core\Editing\TypedFigures;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\InvalidInput;
use Evrent\Core\Plan;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ShotController
{
    public function store(Request $request, Shoot $shoot, CreateShot $createShot): RedirectResponse
    {
        try {
            $plan = StarterPlans::named(Typed::text($request, 'starter'))->withTitle(Typed::text($request, 'title'));
            $recipe = Typed::text($request, 'recipe');
            $plan = $recipe === '' ? $plan : Presets::recipeNumbered($recipe)->applied($plan);
            $shot = $createShot($shoot, $plan, 'new shot');
        } catch (InvalidInput $invalid) {
            return redirect()->back()->withInput()->withErrors(ShotResponse::errors($invalid, ''));
        }

        return redirect()->route('shots.show', $shot);
    }

    public function show(Shot $shot): View
    {
        $rounding = session('rounding');

        return view('shots.show', [
            'page' => new ShotPage($shot, null, is_string($rounding) ? $rounding : ''),
            'presets' => Preset::query()->orderBy('kind')->orderBy('name')->get(),
        ]);
    }

    /**
     * Takes what was typed into the shot's fields; what is good becomes a new revision, or is only looked at.
     */
    public function update(Request $request, Shot $shot, ChangeShot $changeShot): Response|RedirectResponse
    {
        try {
            $current = $shot->currentRevision()->toPlan();
            $typed = $request->input('plan');
            $held = $request->input('held');
            $plan = TypedPlan::change($current, is_array($typed) ? $typed : []);
            [$plan, $rounding, $follows] = TypedFigures::change($current, $plan, is_array($held) ? $held : [], Typed::text($request, 'changed'));
            if ($request->boolean('preview')) {
                return ShotResponse::previewed($request, $shot, $plan, $rounding);
            }
            $changeShot($shot, $plan, $request->integer('revision'), $follows);
        } catch (InvalidInput $invalid) {
            return ShotResponse::refused($request, $shot, $invalid);
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return ShotResponse::changed($request, $shot, $rounding);
    }

    public function rename(Request $request, Shot $shot, SaveRevision $saveRevision): RedirectResponse
    {
        try {
            $revision = $shot->currentRevision();
            $title = Typed::text($request, 'title');
            $saveRevision($shot, $revision->toPlan()->withTitle($title), "renamed to {$title}", $revision->id);
        } catch (InvalidInput $invalid) {
            return redirect()->back()->withInput()->withErrors(ShotResponse::errors($invalid, "rename.{$shot->id}"));
        }

        return redirect()->back();
    }

    public function duplicate(Shot $shot, CreateShot $createShot): RedirectResponse
    {
        $plan = $shot->currentRevision()->toPlan();
        $title = mb_substr($plan->title, 0, Plan::MOST_TITLE_CHARACTERS - mb_strlen(' (copy)')) . ' (copy)';
        $copy = $createShot($shot->shoot, $plan->withTitle($title), "copied from {$plan->title}");

        return redirect()->route('shots.show', $copy);
    }

    public function destroy(Shot $shot): RedirectResponse
    {
        $shot->delete();

        return redirect()->route('shoots.show', $shot->shoot_id)->with('deleted', ['id' => $shot->id, 'title' => $shot->currentRevision()->toPlan()->title]);
    }

    public function restore(Shot $shot): RedirectResponse
    {
        $shot->restore();

        return redirect()->route('shoots.show', $shot->shoot_id);
    }
}
