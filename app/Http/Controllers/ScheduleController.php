<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Pages\FileNames;
use App\Pages\PhotoPage;
use App\Pages\ShotPage;
use Evrent\Core\Format\ScheduleCsv;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class ScheduleController
{
    public function show(Request $request, Shot $shot): View
    {
        $page = ShotPage::of($shot);

        return view($request->hasHeader('HX-Request') ? 'shots.parts.schedule' : 'shots.schedule', [
            'page' => $page,
            'rows' => PhotoPage::asked($request, $page->schedule->photosTotal()),
        ]);
    }

    public function csv(Shot $shot): StreamedResponse
    {
        $plan = $shot->currentRevision()->toPlan();

        return response()->streamDownload(static function () use ($plan): void {
            foreach (ScheduleCsv::pieces($plan) as $piece) {
                echo $piece;
            }
        }, FileNames::of($plan, 'schedule.csv'), ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
