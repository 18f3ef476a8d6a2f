<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shot;
use Evrent\Core\Run\Preflight;
use Illuminate\Support\Facades\DB;

/**
 * Ticks what was looked at before a shot is started, or takes the tick off.
 */
final class TickPreflight
{
    public function __invoke(Shot $shot, Preflight $item, bool $isTicked): void
    {
        if ($isTicked) {
            DB::table('preflight_ticks')->insertOrIgnore(['shot_id' => $shot->id, 'item' => $item->value, 'ticked_at' => now()]);
        } else {
            DB::table('preflight_ticks')->where('shot_id', $shot->id)->where('item', $item->value)->delete();
        }
    }
}
