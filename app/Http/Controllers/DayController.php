<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\EditShot;
use App\Exceptions\ShotChangedElsewhere;
use App\Http\AskedEdit;
use App\Http\Responses\ShotResponse;
use App\Http\SeenValues;
use App\Http\Typed;
use App\Models\DayEvent;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\DayCalendar;
use App\Pages\FileNames;
use App\Pages\ShootPage;
use Evrent\Core\Day\OwnEvents;
use Evrent\Core\Day\TypedStay;
use Evrent\Core\Editing\Edited;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Values\InvalidInput;
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
    public function moveShot(Request $request, Shot $shot, EditShot $editShot): Response|RedirectResponse
    {
        $key = "stay.{$shot->id}";
        try {
            DB::connection()->transaction(fn () => $this->move($request, $shot, $editShot));
        } catch (InvalidInput | ShotChangedElsewhere $refused) {
            $problems = $refused instanceof InvalidInput
                ? ShotResponse::errors($refused, $key)
                : ["{$key}.start" => 'Another window moved this shot meanwhile. Look where it is now, then move it again.'];
            if (!$this->isByScript($request)) {
                return redirect()->route('shoots.show', $shot->shoot_id)->withInput()->withErrors($problems);
            }
            $request->flash();
            $isConflict = $refused instanceof ShotChangedElsewhere || $request->attributes->has('conflict');

            return response()->view('shoots.parts.day', ['page' => new ShootPage($shot->shoot), 'problems' => $problems], $isConflict ? 409 : 422);
        }

        return $this->isByScript($request)
            ? response()->view('shoots.parts.day', ['page' => new ShootPage($shot->shoot), 'problems' => []])
            : redirect()->to(route('shoots.show', $shot->shoot_id) . '#day');
    }

    /**
     * @throws InvalidInput
     * @throws ShotChangedElsewhere
     */
    private function move(Request $request, Shot $shot, EditShot $editShot): void
    {
        $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
        $minutes = SeenValues::merged($request, ['setup_minutes' => (string) $locked->setup_minutes, 'teardown_minutes' => (string) $locked->teardown_minutes]);
        $start = $request->has('start') && $request->input('was.start') !== $request->input('start') ? Typed::text($request, 'start') : null;
        $typed = [
            'start' => $start,
            'to_s' => $request->has('to_s') ? Typed::text($request, 'to_s') : null,
            'setup_minutes' => $minutes['setup_minutes'],
            'teardown_minutes' => $minutes['teardown_minutes'],
        ];
        // A page that names no revision means the shot as it stands.
        $request->mergeIfMissing(['revision' => $locked->current_revision_id]);
        $stay = TypedStay::read($shot->currentRevision()->toPlan(), $typed, $locked->setup_minutes, $locked->teardown_minutes);
        if ($typed['start'] !== null || $typed['to_s'] !== null) {
            $asked = AskedEdit::of($request, ['/start' => $typed['start'] ?? "to {$typed['to_s']}"]);
            $editShot($shot, $asked, static function (PinnedPlan $plan) use ($typed, $locked): Edited {
                $moved = TypedStay::read($plan->plan, $typed, $locked->setup_minutes, $locked->teardown_minutes);

                return $plan->became($moved->plan, $moved->told);
            });
        }
        $shot->update(['setup_minutes' => $stay->setupMinutes, 'teardown_minutes' => $stay->teardownMinutes]);
    }

    public function storeEvent(Request $request, Shoot $shoot): RedirectResponse
    {
        try {
            DB::connection()->transaction(static function () use ($request, $shoot): void {
                // Locked, so that windows that add at once are counted one after the other.
                Shoot::query()->lockForUpdate()->findOrFail($shoot->id);
                $kept = $shoot->dayEvents()->get()->map(static fn (DayEvent $event): array => ['at' => $event->at, 'label' => $event->label])->all();
                $shoot->dayEvents()->create(OwnEvents::read($kept)->another(Typed::text($request, 'at'), Typed::text($request, 'label')));
            });
        } catch (InvalidInput $invalid) {
            return redirect()->to(route('shoots.show', $shoot) . '#day-events')->withInput()->withErrors(ShotResponse::errors($invalid, 'event'));
        }

        return redirect()->to(route('shoots.show', $shoot) . '#day-events');
    }

    public function destroyEvent(Shoot $shoot, DayEvent $dayEvent): RedirectResponse
    {
        $dayEvent->delete();

        return redirect()->to(route('shoots.show', $shoot) . '#day-events')
            ->with('deleted', ['kind' => 'event', 'id' => $dayEvent->id, 'name' => $dayEvent->label]);
    }

    /** The day again, once what was being worked out is there. */
    public function show(Shoot $shoot): View
    {
        return view('shoots.parts.day', ['page' => new ShootPage($shoot), 'problems' => []]);
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
