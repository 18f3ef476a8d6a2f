<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateShot;
use App\Actions\EditShot;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Http\TypedFields;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\EditedShot;
use App\Pages\Presets;
use App\Pages\ShotPage;
use App\Pages\StarterPlans;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
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

        return redirect($shot->path());
    }

    public function show(Shot $shot): View
    {
        try {
            $page = ShotPage::of($shot);
        } catch (InvalidInput $invalid) {
            return view('shots.broken', ['shot' => $shot, 'revision' => $shot->currentRevision(), 'problems' => $invalid->problems]);
        }

        return view('shots.show', [
            'page' => $page,
            'brought' => $shot->currentRevision()->broughtWithin(),
            'presets' => Preset::query()->orderBy('kind')->orderBy('name')->get(),
        ]);
    }

    /**
     * Takes what was typed into the shot's fields; what is good becomes a new revision, or is only looked at.
     */
    public function update(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        return ShotResponse::to($request, $shot, static function () use ($request, $shot, $editShot): EditedShot {
            $fields = TypedFields::of($request, $shot);

            $edit = static fn (PinnedPlan $plan): Edited => $plan->typed($fields->plan, $fields->held);

            return $editShot($shot, AskedEdit::of($request, $fields->typed), $edit);
        });
    }

    public function rename(Request $request, Shot $shot, EditShot $editShot): RedirectResponse
    {
        $title = Typed::text($request, 'title');
        try {
            // A name hangs on nothing else: it may go on top of what another window changed.
            $editShot($shot, AskedEdit::of($request, ['/title' => $title]), static fn (PinnedPlan $plan): Edited => $plan->became(
                $plan->plan->withTitle($title),
                "renamed to {$title}",
            ));
        } catch (InvalidInput $invalid) {
            return redirect()->back()->withInput()->withErrors(ShotResponse::errors($invalid, "rename.{$shot->id}"));
        } catch (ShotChangedElsewhere) {
            $message = 'Another window gave it another name meanwhile. Send yours again to have it all the same.';
            $request->attributes->set('conflict', true);

            return redirect()->back()->withInput()->withErrors(["rename.{$shot->id}.title" => $message]);
        }

        return redirect()->back();
    }

    public function duplicate(Shot $shot, CreateShot $createShot): RedirectResponse
    {
        $pinned = $shot->pinned();
        $plan = $pinned->plan;
        $title = mb_substr($plan->title, 0, Plan::MOST_TITLE_CHARACTERS - mb_strlen(' (copy)')) . ' (copy)';
        $copy = $createShot($shot->shoot, $plan->withTitle($title), "copied from {$plan->title}", $pinned->pins);

        return redirect($copy->path());
    }

    public function destroy(Shot $shot): RedirectResponse
    {
        $shot->delete();

        return redirect()->route('shoots.show', $shot->shoot_id)->with('deleted', ['kind' => 'shot', 'id' => $shot->id, 'name' => $shot->title()]);
    }
}
