<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateShot;
use App\Actions\EditShot;
use App\Actions\MoveShot;
use App\Actions\ThrowAway;
use App\Http\AskedEdit;
use App\Http\Requests\NewShotForm;
use App\Http\Requests\ShootChoiceForm;
use App\Http\Requests\TitleForm;
use App\Http\Responses\ShotResponse;
use App\Http\TypedFields;
use App\Models\Preset;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\EditedShot;
use App\Pages\Presets;
use App\Pages\Settings;
use App\Pages\ShotPage;
use App\Pages\ShotView;
use App\Pages\StarterPlans;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Presets\AppliedRecipe;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class ShotController
{
    public function store(NewShotForm $form, Shoot $shoot, CreateShot $createShot, Settings $settings): RedirectResponse
    {
        $shot = $form->taken(static function () use ($form, $shoot, $createShot, $settings): Shot {
            $plan = $settings->begun(StarterPlans::named($form->text('starter'))->withTitle($form->text('title')));
            $recipe = $form->text('recipe');

            $sited = new PinnedPlan($plan->with(['site' => $shoot->site()]));

            $begun = $recipe === '' ? $plan : AppliedRecipe::on($sited, Presets::recipeNumbered($recipe))->plan;

            return $createShot($shoot, $begun, new Message('history.new_shot'));
        });

        return redirect($shot->path());
    }

    /** @param ?string $view the view that is in front; the others are on the page too */
    public function show(Shot $shot, ?string $view = null): View
    {
        try {
            $page = ShotPage::of($shot);
        } catch (InvalidInput $invalid) {
            return view('shots.broken', ['shot' => $shot, 'revision' => $shot->currentRevision(), 'problems' => $invalid->problems]);
        }

        return view('shots.show', [
            'page' => $page,
            'view' => $view === null ? ShotView::FIRST : ShotView::from($view),
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

    public function rename(TitleForm $form, Shot $shot, EditShot $editShot): RedirectResponse
    {
        $title = $form->text('title');
        // A name hangs on nothing else: it may go on top of what another window changed.
        $form->taken(static fn () => $editShot($shot, AskedEdit::of($form, ['/title' => $title]), static fn (PinnedPlan $plan): Edited => $plan->became(
            $plan->plan->withTitle($title),
            new Message('history.renamed', ['title' => $title]),
        )));

        return redirect()->to($form->standsAt());
    }

    /** Into another shoot, with all that was run of it. */
    public function move(ShootChoiceForm $form, Shot $shot, MoveShot $moveShot): RedirectResponse
    {
        $form->taken(static fn () => $moveShot($shot, $form->target()));

        return redirect()->route('shoots.show', $form->target())->with('notice', Words::of('app.shot.moved', title: $shot->title()));
    }

    /** A copy in the same shoot, or in another one. */
    public function duplicate(ShootChoiceForm $form, Shot $shot, CreateShot $createShot): RedirectResponse
    {
        $pinned = $shot->pinned();
        $plan = $pinned->plan;
        $room = Plan::MOST_TITLE_CHARACTERS - mb_strlen(Words::of('common.copy_of', title: ''));
        $title = Words::of('common.copy_of', title: mb_substr($plan->title, 0, $room));
        $copy = $form->taken(static fn (): Shot => $createShot(
            $form->has('shoot_id') ? $form->target() : $shot->shoot,
            $plan->withTitle($title),
            new Message('history.copied', ['title' => $plan->title]),
            $pinned->pins,
        ));

        return redirect($copy->path());
    }

    public function destroy(Shot $shot, ThrowAway $throwAway): RedirectResponse
    {
        return redirect()->route('shoots.show', $shot->shoot_id)->with($throwAway($shot, 'shot', $shot->title()));
    }
}
