<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\TickPacked;
use App\Http\Typed;
use App\Models\Shoot;
use App\Pages\ShootPage;
use Evrent\Core\Day\PackingList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What to take to a shoot.
 */
final class PackingController
{
    private const MOST_CHARACTERS = 300;

    public function show(Shoot $shoot): View
    {
        $page = new ShootPage($shoot);

        return view('shoots.packing', [
            'shoot' => $shoot,
            'page' => $page,
            'ticked' => $shoot->packed(),
            'packed' => PackingList::of($page->figures(), $page->cautions(), $page->day->onSiteSeconds()),
        ]);
    }

    /**
     * What is in the bags already: one tick, with `item`; or all that the page shows, of which only what was changed there counts.
     */
    public function update(Request $request, Shoot $shoot, TickPacked $tick): RedirectResponse|Response
    {
        $listed = static fn (string $field): array => array_values(array_unique(array_filter(
            is_array($request->input($field)) ? $request->input($field) : [],
            static fn (mixed $item): bool => is_string($item) && $item !== '' && mb_strlen($item) <= self::MOST_CHARACTERS,
        )));
        [$ticked, $was] = [$listed('packed'), $listed('was')];
        $item = Typed::text($request, 'item');
        if ($item !== '') {
            [$ticked, $was] = in_array($item, $ticked, true) ? [[$item], []] : [[], [$item]];
        }
        $tick($shoot, array_values(array_diff($ticked, $was)), array_values(array_diff($was, $ticked)));

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect()->route('shoots.packing', $shoot);
    }
}
