<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DryRunShot;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Run;
use App\Models\Shot;
use App\Pages\PhotoPage;
use Evrent\Core\Run\TypicalFaults;
use Evrent\Core\Values\InvalidInput;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class RunController
{
    /** Dry-runs a shot; with a fault at one photo, where one is to be rehearsed. */
    public function store(Request $request, Shot $shot, DryRunShot $dryRun): RedirectResponse
    {
        try {
            $plan = $shot->currentRevision()->toPlan();
            $kind = Typed::text($request, 'kind');
            $faults = $kind === '' ? [] : [TypicalFaults::at($plan, $kind, Typed::text($request, 'frame'))];
        } catch (InvalidInput $invalid) {
            return redirect()->back()->withInput()->withErrors(ShotResponse::errors($invalid, ''));
        }

        return redirect()->route('runs.show', $dryRun($shot, random_int(1, 999_999), $faults)->address());
    }

    public function show(Request $request, Shot $shot, Run $run): View
    {
        $rows = PhotoPage::asked($request, $run->photos_total);

        return view('runs.show', [
            'shot' => $shot,
            'run' => $run,
            'plan' => $run->revision->toPlan(),
            'rows' => $rows,
            'photos' => $run->photos()->whereIn('number', $rows->items())->get(),
            'faults' => TypicalFaults::named(),
            'lateness' => $run->photos()->toBase()->pluck('late_seconds', 'number'),
        ]);
    }
}
