<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LearnRecipe;
use App\Actions\ShootTheRest;
use App\Http\Requests\LearnForm;
use App\Http\Requests\RestForm;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\TakesBeside;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * The takes of a shot, and what was learnt of them.
 */
final class TakesController
{
    private const MOST = 4;

    /** Side by side: those that are asked for, or the latest. */
    public function index(Request $request, Shot $shot): View
    {
        $all = $shot->takes()->where('status', Status::Ended)->with('revision')->get();
        $asked = array_map(intval(...), array_filter((array) $request->input('take', []), is_scalar(...)));
        $chosen = $asked === [] ? $all : $all->whereIn('id', $asked);

        return view('takes.index', [
            'shot' => $shot, 'title' => $shot->currentRevision()->toPlan()->title, 'all' => $all, 'most' => self::MOST,
            'beside' => new TakesBeside($chosen->take(self::MOST), $shot->current_revision_id),
        ]);
    }

    /** What it left becomes a shot of its own. */
    public function rest(RestForm $form, Shot $shot, Take $take, ShootTheRest $shootTheRest): RedirectResponse
    {
        $rest = $form->taken(static fn (): Shot => $shootTheRest($take, $form->from()));

        return redirect($rest->at('shots.show'))->with('notice', Words::of('app.takes.rest', title: $shot->title()));
    }

    /** What was learnt becomes a recipe, or amends one. */
    public function learn(LearnForm $form, Shot $shot, Take $take, LearnRecipe $learn): RedirectResponse
    {
        $report = $take->report(Schedule::of($take->revision->toPlan()));
        $form->taken(static fn () => $learn($report->state->schedule, $report->cleanClipSeconds, $form->text('name'), $form->text('why')));

        return redirect($take->at('takes.show'))->with('notice', Words::of('app.takes.learnt', text: $form->text('name')));
    }
}
