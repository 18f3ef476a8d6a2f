<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\Plans\ShootPage;
use App\Plans\ShotPage;
use Evrent\Core\Budget\PackingList;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What to take to a shoot.
 */
final class PackingController
{
    public function show(Shoot $shoot): View
    {
        $page = new ShootPage($shoot);
        $schedules = array_map(static fn (ShotPage $one): Schedule => $one->schedule, $page->inOrder());

        return view('shoots.packing', [
            'shoot' => $shoot,
            'page' => $page,
            'packed' => PackingList::of($schedules, $page->cautions(), $page->day->onSiteSeconds()),
        ]);
    }

    /** What is in the bags already: as ticked, all of it at once. */
    public function update(Request $request, Shoot $shoot): RedirectResponse|Response
    {
        $ticked = $request->input('packed');
        $shoot->update(['packed' => array_values(array_filter(is_array($ticked) ? $ticked : [], is_string(...)))]);

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect()->route('shoots.packing', $shoot);
    }
}
