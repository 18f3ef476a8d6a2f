<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot as PlannedShot;
use Evrent\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class RemedyController
{
    /**
     * Makes the change that a finding offers. The finding is computed again here: what the page sends only names it.
     */
    public function store(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $remedy = self::remedy($request, $shot->currentRevision()->toPlan());
        $turnsClip = $remedy !== null && $remedy->mended->timing->playsBackwards !== $shot->currentRevision()->toPlan()->timing->playsBackwards;
        $notice = match (true) {
            $remedy === null => Words::of('remedies.fixed'),
            // Its list may be of photos that were taken the other way round.
            $turnsClip && $shot->clip_revision_id !== null => Words::of('remedies.done_reverse_clip', fix: $remedy->label),
            default => Words::of('remedies.done', fix: $remedy->label),
        };

        $edit = static function (PinnedPlan $plan) use ($request): Edited {
            $remedy = self::remedy($request, $plan->plan);

            return $remedy === null
                ? new Edited($plan->plan, $plan->pins, new Message('remedies.nothing'))
                : $plan->became(
                    $remedy->mended,
                    new Message('remedies.change', ['finding' => Typed::text($request, 'finding'), 'fix' => $remedy->label]),
                );
        };

        return ShotResponse::to($request, $shot, static fn () => $editShot($shot, AskedEdit::of($request), $edit), $notice);
    }

    private static function remedy(Request $request, Plan $plan): ?Remedy
    {
        $finding = FindingId::tryFrom(Typed::text($request, 'finding'));

        return $finding === null ? null : Report::on(PlannedShot::of($plan))->finding($finding)?->remedy(Typed::text($request, 'remedy'));
    }
}
