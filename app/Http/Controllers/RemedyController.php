<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Shot;
use Evrent\Core\Checks\Report;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class RemedyController
{
    /**
     * Makes the change that a finding offers. The finding is computed again here: what the page sends only names it.
     */
    public function store(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $report = Report::on(Schedule::of($shot->currentRevision()->toPlan()));
        $finding = $report->finding(Typed::text($request, 'finding'));
        $remedy = $finding?->remedy(Typed::text($request, 'remedy'));
        if ($finding === null || $remedy === null) {
            return ShotResponse::changed($request, $shot, '', 'That is mended already.');
        }
        try {
            $saveRevision($shot, $remedy->mended, "{$finding->id}: {$remedy->label}", $request->integer('revision'));
        } catch (ShotChangedElsewhere) {
            return ShotResponse::changedElsewhere($request, $shot);
        }

        return ShotResponse::changed($request, $shot, '', "{$remedy->label}: done. Undo takes it back.");
    }
}
