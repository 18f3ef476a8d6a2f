<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shoot;
use App\Plans\ShootPage;
use App\Plans\ShotPage;
use Evrent\Core\Budget\PackingList;
use Evrent\Core\Schedule\Schedule;
use Illuminate\Contracts\View\View;

/**
 * What to take to a shoot.
 */
final class PackingController
{
    public function show(Shoot $shoot): View
    {
        $page = new ShootPage($shoot);
        $schedules = array_map(static fn (ShotPage $one): Schedule => $one->schedule, $page->inOrder());

        return view('shoots.packing', ['shoot' => $shoot, 'page' => $page, 'packed' => PackingList::of($schedules, $page->cautions())]);
    }
}
