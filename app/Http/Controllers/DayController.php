<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddDayEvent;
use App\Actions\MoveInDay;
use App\Actions\ThrowAway;
use App\Http\AskedEdit;
use App\Http\Requests\EventForm;
use App\Http\Requests\StayForm;
use App\Http\SeenValues;
use App\Models\DayEvent;
use App\Models\Shoot;
use App\Models\Shot;
use App\Pages\DayCalendar;
use App\Pages\FileNames;
use App\Pages\ShootPage;
use Evrent\Words\TypedStart;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The day of a shoot: its shots in order, what else happens, and the day to take along.
 */
final class DayController
{
    /**
     * A shot's place in the day: its start as typed, or dragged to so many seconds after midnight; minutes to set up and to pack.
     */
    public function moveShot(StayForm $form, Shot $shot, MoveInDay $moveInDay): Response|RedirectResponse
    {
        $form->taken(static fn () => $moveInDay($shot, static function (Shot $locked) use ($form): array {
            $minutes = SeenValues::merged($form, [
                'setup_minutes' => (string) $locked->setup_minutes,
                'teardown_minutes' => (string) $locked->teardown_minutes,
            ]);
            $typed = [
                'start' => $form->has('start') && $form->input('was.start') !== $form->input('start') ? TypedStart::kept($form->text('start')) : null,
                'to_s' => $form->has('to_s') ? $form->text('to_s') : null,
                'setup_minutes' => $minutes['setup_minutes'],
                'teardown_minutes' => $minutes['teardown_minutes'],
            ];
            // A page that names no revision means the shot as it stands.
            $form->mergeIfMissing(['revision' => $locked->current_revision_id]);

            $onSite = $form->has('on_site') && $form->input('was.on_site') !== $form->input('on_site') ? $form->text('on_site') : null;

            return ['typed' => $typed, 'on_site' => $onSite, 'asked' => AskedEdit::of($form, array_filter([
                '/start' => $onSite === null ? $typed['start'] ?? "to {$typed['to_s']}" : $typed['start'], '/held/shooting' => $onSite,
            ], is_string(...)))];
        }));

        return $form->hasHeader('HX-Request')
            ? response()->view('shoots.parts.day', ['page' => new ShootPage($shot->shoot), 'problems' => []])
            : redirect()->to(route('shoots.show', $shot->shoot_id) . '#day');
    }

    public function storeEvent(EventForm $form, Shoot $shoot, AddDayEvent $add): RedirectResponse
    {
        $form->taken(static fn () => $add($shoot, TypedStart::kept($form->text('at')), $form->text('label')));

        return redirect()->to($form->standsAt());
    }

    public function destroyEvent(Shoot $shoot, DayEvent $dayEvent, ThrowAway $throwAway): RedirectResponse
    {
        return redirect()->to(route('shoots.show', $shoot) . '#day-events')->with($throwAway($dayEvent, 'event', $dayEvent->label));
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
}
