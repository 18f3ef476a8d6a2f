<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Typed;
use App\Models\Shoot;
use App\Pages\ShootPage;
use Evrent\Core\Day\PackingList;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/**
 * What to take to a shoot.
 */
final class PackingController
{
    private const MOST_CHARACTERS = 300;
    private const MOST_ITEMS = 1_000;

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
    public function update(Request $request, Shoot $shoot): RedirectResponse|Response
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
        $add = array_map(static fn (string $one): array => ['shoot_id' => $shoot->id, 'item' => $one], array_values(array_diff($ticked, $was)));
        DB::connection()->transaction(static function () use ($shoot, $add, $ticked, $was): void {
            DB::table('packed_items')->insertOrIgnore(array_slice($add, 0, self::MOST_ITEMS));
            DB::table('packed_items')->where('shoot_id', $shoot->id)->whereIn('item', array_diff($was, $ticked))->delete();
        });

        return $request->hasHeader('HX-Request') ? response()->noContent() : redirect()->route('shoots.packing', $shoot);
    }
}
