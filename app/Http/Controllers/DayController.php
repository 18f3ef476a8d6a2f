<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveRevision;
use App\Http\Responses\ShotResponse;
use App\Http\Typed;
use App\Models\Shoot;
use App\Models\Shot;
use App\Plans\DayCalendar;
use App\Plans\FileNames;
use App\Plans\ShootPage;
use Evrent\Core\Day\OwnEvents;
use Evrent\Core\Day\TypedStay;
use Evrent\Core\InvalidInput;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/**
 * The day of a shoot: its shots in order, what else happens, and the day to take along.
 */
final class DayController
{
    /**
     * A shot's place in the day: its start as typed, or dragged to so many seconds after midnight; minutes to set up and to pack.
     */
    public function moveShot(Request $request, Shot $shot, SaveRevision $saveRevision): Response|RedirectResponse
    {
        $key = "stay.{$shot->id}";
        try {
            $stay = TypedStay::read($shot->currentRevision()->toPlan(), [
                'start' => $request->has('start') ? Typed::text($request, 'start') : null,
                'to_s' => $request->has('to_s') ? Typed::text($request, 'to_s') : null,
                'setup_minutes' => Typed::text($request, 'setup_minutes'),
                'teardown_minutes' => Typed::text($request, 'teardown_minutes'),
            ], $shot->setup_minutes, $shot->teardown_minutes);
        } catch (InvalidInput $invalid) {
            $back = redirect()->route('shoots.show', $shot->shoot_id);
            $request->flash();

            return $this->isByScript($request)
                ? response()->view('shoots.parts.day', ['page' => new ShootPage($shot->shoot), 'problems' => ShotResponse::errors($invalid, $key)], 422)
                : $back->withErrors(ShotResponse::errors($invalid, $key));
        }
        DB::connection()->transaction(function () use ($shot, $stay, $saveRevision): void {
            $saveRevision($shot, $stay->plan, $stay->told, $shot->current_revision_id);
            $shot->update(['setup_minutes' => $stay->setupMinutes, 'teardown_minutes' => $stay->teardownMinutes]);
        });

        return $this->isByScript($request)
            ? response()->view('shoots.parts.day', ['page' => new ShootPage($shot->shoot), 'problems' => []])
            : redirect()->to(route('shoots.show', $shot->shoot_id) . '#day');
    }

    public function storeEvent(Request $request, Shoot $shoot): RedirectResponse
    {
        try {
            $events = OwnEvents::read($shoot->day_events)->with(Typed::text($request, 'at'), Typed::text($request, 'label'));
        } catch (InvalidInput $invalid) {
            return redirect()->to(route('shoots.show', $shoot) . '#day-events')->withInput()->withErrors(ShotResponse::errors($invalid, 'event'));
        }
        $shoot->update(['day_events' => $events->events]);

        return redirect()->to(route('shoots.show', $shoot) . '#day-events');
    }

    public function destroyEvent(Shoot $shoot, int $place): RedirectResponse
    {
        $shoot->update(['day_events' => OwnEvents::read($shoot->day_events)->without($place)->events]);

        return redirect()->to(route('shoots.show', $shoot) . '#day-events');
    }

    /** The day on paper. */
    public function sheet(Shoot $shoot): View
    {
        return view('shoots.sheet', ['shoot' => $shoot, 'page' => new ShootPage($shoot)]);
    }

    public function calendar(Shoot $shoot): Response
    {
        $name = FileNames::safe($shoot->name, 'day.ics');

        return response(DayCalendar::of(new ShootPage($shoot)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    private function isByScript(Request $request): bool
    {
        return $request->hasHeader('HX-Request');
    }
}
