<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Pages\LensesOfKit;
use App\Pages\ShotPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/**
 * What a shot's move shows through each lens of the kit, side by side.
 */
final class LensController
{
    public function show(Request $request, Shot $shot): View
    {
        $page = ShotPage::of($shot);

        return view($request->hasHeader('HX-Request') ? 'shots.parts.lenses' : 'shots.lenses', ['page' => $page, 'lenses' => LensesOfKit::of($page)]);
    }
}
