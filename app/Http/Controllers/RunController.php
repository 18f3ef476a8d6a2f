<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DryRunShot;
use App\Models\Run;
use App\Models\Shot;
use App\Plans\PhotoPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;

final class RunController
{
    public function store(Shot $shot, DryRunShot $dryRun): RedirectResponse
    {
        return redirect()->route('runs.show', $dryRun($shot, random_int(1, 999_999)));
    }

    public function show(Request $request, Run $run): View
    {
        $rows = PhotoPage::asked($request, $run->photos_total);

        return view('runs.show', [
            'run' => $run,
            'plan' => $run->revision->toPlan(),
            'rows' => $rows,
            'photos' => $run->photos()->whereIn('number', $rows->items())->get(),
            'lateness' => $run->photos()->toBase()->pluck('late_seconds', 'number'),
        ]);
    }
}
