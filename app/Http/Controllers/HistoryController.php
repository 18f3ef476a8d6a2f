<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Actions\StepThroughHistory;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Models\PlanRevision;
use App\Models\Shot;
use App\Pages\ComparedRevision;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Messages\Message;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class HistoryController
{
    /** Further back than anyone remembers; each is in the database all the same. */
    private const MOST_SHOWN = 200;

    public function undo(Request $request, Shot $shot, StepThroughHistory $history): Response|RedirectResponse
    {
        $undone = $shot->currentRevision()->told();

        $step = static fn () => $history->undo($shot, AskedEdit::of($request));

        return ShotResponse::to($request, $shot, $step, Words::of('app.history.undone', undone: $undone), Words::of('app.history.no_undo'));
    }

    public function redo(Request $request, Shot $shot, StepThroughHistory $history): Response|RedirectResponse
    {
        $done = $history->after($shot->currentRevision())?->told();

        $step = static fn () => $history->redo($shot, AskedEdit::of($request));

        return ShotResponse::to($request, $shot, $step, Words::of('app.history.redone', done: (string) $done), Words::of('app.history.no_redo'));
    }

    /** The shot's revisions, two of them side by side. */
    public function show(Request $request, Shot $shot): View
    {
        $revisions = $shot->revisions()->with('parent')->orderByDesc('id')->limit(self::MOST_SHOWN)->get();
        $find = static fn (string $side): ?PlanRevision => $shot->revisions()->find($request->integer($side));
        $right = $find('right') ?? $shot->currentRevision();
        $left = $find('left') ?? ($right->parent_id === null ? $right : $shot->revisions()->find($right->parent_id) ?? $right);

        $compared = new ComparedRevision($left);

        return view('shots.history', [
            'shot' => $shot,
            'revisions' => $revisions,
            'left' => $compared,
            'right' => $right->id === $left->id ? $compared : new ComparedRevision($right),
        ]);
    }

    /** An earlier plan becomes the newest: what came between stays in the history. */
    public function restore(Request $request, Shot $shot, PlanRevision $revision, EditShot $editShot): Response|RedirectResponse
    {
        $asked = AskedEdit::of($request);

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, $asked, new Edited(
            $revision->toPlan(),
            $revision->toPins(),
            new Message('history.back_to', ['change' => Message::stored($revision->reason)]),
        )), Words::of('history.restored', change: $revision->told()));
    }
}
