<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Pages\ShotPage;
use Evrent\Core\Shot\SchoolsCompared;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/**
 * Ways to expose a shot while the light changes, side by side.
 */
final class LightController
{
    public function show(Request $request, Shot $shot): View
    {
        $page = ShotPage::of($shot);

        return view(
            $request->hasHeader('HX-Request') ? 'shots.parts.schools' : 'shots.schools',
            ['page' => $page, 'schools' => SchoolsCompared::of($page->worked->shot)],
        );
    }
}
