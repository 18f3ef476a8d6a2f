<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DryRunShot;
use App\Http\Requests\FaultForm;
use App\Models\Run;
use App\Models\RunPhoto;
use App\Models\Shot;
use App\Pages\PhotoPage;
use Evrent\Core\Format\TakeLogLines;
use Evrent\Core\Run\RunVerdict;
use Evrent\Core\Run\Take\RehearsedLog;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\TypicalFaults;
use Evrent\Core\Schedule\Schedule;
use Evrent\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

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
            'taken' => $run->photos()->whereNotNull('open_seconds')->count(),
            'photos' => $run->photos()->whereIn('number', $rows->items())->get(),
            'faults' => TypicalFaults::named($plan),
            'lateness' => $run->photos()->toBase()->pluck('late_seconds', 'number'),
        ]);
    }

    /** What happened in it, as a take's log (evrent.run-log/2). */
    public function log(Shot $shot, Run $run): StreamedResponse
    {
        $plan = $run->revision->toPlan();
        $devices = ['rig' => 'rehearsed', 'camera' => 'rehearsed'];
        $begun = (float) $run->created_at->format('U.u');
        $header = TakeLogLines::header($plan->title, TakeLogLines::planHash($plan), $begun, new Setting(true, true), 1.0, $devices);
        $photos = $run->photos()->cursor()->map(static fn (RunPhoto $photo) => $photo->taken());

        return response()->streamDownload(static function () use ($header, $plan, $photos): void {
            echo $header;
            foreach (RehearsedLog::lines(Schedule::of($plan), $photos) as $line) {
                echo TakeLogLines::line($line->in(Words::sayAll(...)));
            }
        }, "dry-run-{$run->id}.jsonl", ['Content-Type' => 'application/jsonl']);
    }
}
