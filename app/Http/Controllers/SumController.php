<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shot;
use App\Pages\ShotPage;
use Evrent\Core\Sums\Sums;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class SumController
{
    /** How a figure is worked out: in the page that asks for it, or one below the other on a page of their own. */
    public function show(Request $request, Shot $shot, ?string $key = null): View
    {
        $page = ShotPage::of($shot);
        $sums = Sums::of($page->worked->shot);
        $asked = $key === null ? null : $sums[$key] ?? abort(404);

        return $asked !== null && $request->hasHeader('HX-Request')
            ? view('shots.parts.sum', ['sum' => $asked])
            : view('shots.sums', ['page' => $page, 'sums' => $asked === null ? $sums : [$asked]]);
    }
}
