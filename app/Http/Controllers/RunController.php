<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DryRunShot;
use App\Http\Requests\FaultForm;
use App\Models\Run;
use App\Models\Shot;
use App\Pages\PhotoPage;
use Evrent\Core\Run\RunVerdict;
use Evrent\Core\Run\TypicalFaults;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class RunController
{
    /** Dry-runs a shot; with a fault at one photo, where one is to be rehearsed. */
    public function store(FaultForm $form, Shot $shot, DryRunShot $dryRun): RedirectResponse
    {
        $run = $form->taken(static function () use ($form, $shot, $dryRun): Run {
            $kind = $form->text('kind');
            $faults = $kind === '' ? [] : [TypicalFaults::at($shot->currentRevision()->toPlan(), $kind, $form->text('frame'))];

            return $dryRun($shot, random_int(1, 999_999), $faults);
        });

        return redirect($run->at('runs.show'));
    }

    public function show(Request $request, Shot $shot, Run $run): View
    {
        $plan = $run->revision->toPlan();
        $rows = PhotoPage::asked($request, $run->photos_total);

        return view('runs.show', [
            'shot' => $shot,
            'run' => $run,
            'plan' => $plan,
            'verdict' => RunVerdict::of(
                Schedule::of($plan),
                $run->photos_planned ?? $run->photos_total,
                $run->photos_usable ?? $run->photos_total,
                $run->late_photos,
                $run->latest_photo,
                $run->latest_late_seconds,
            ),
            'rows' => $rows,
            'photos' => $run->photos()->whereIn('number', $rows->items())->get(),
            'faults' => TypicalFaults::named(),
            'lateness' => $run->photos()->toBase()->pluck('late_seconds', 'number'),
        ]);
    }
}
