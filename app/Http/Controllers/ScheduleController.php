<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Plans\PhotoPage;
use App\Plans\ShotPage;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ScheduleController
{
    public function show(Request $request, Shot $shot): View|RedirectResponse
    {
        if (!$request->hasHeader('HX-Request')) {
            return redirect()->route('shots.show', [$shot, ...$request->only(['page', 'photo'])]);
        }
        $page = new ShotPage($shot);

        return view('shots.schedule', ['page' => $page, 'rows' => PhotoPage::asked($request, $page->schedule->photosTotal())]);
    }

    public function csv(Shot $shot): StreamedResponse
    {
        $plan = $shot->currentRevision()->toPlan();
        $name = (Str::slug($plan->title) ?: 'shot') . '.schedule.csv';

        return response()->streamDownload(static function () use ($plan): void {
            $out = fopen('php://output', 'w') ?: throw new \RuntimeException('The response cannot be written.');
            foreach (ScheduleCsv::rows(Schedule::of($plan)) as $row) {
                fputcsv($out, $row, escape: '');
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
