<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Shoot;
use Illuminate\Support\Facades\DB;

/**
 * What is in the bags already.
 */
final class TickPacked
{
    private const MOST_ITEMS = 1_000;

    /**
     * @param list<string> $in  put in just now
     * @param list<string> $out taken out again
     */
    public function __invoke(Shoot $shoot, array $in, array $out): void
    {
        $add = array_map(static fn (string $item): array => ['shoot_id' => $shoot->id, 'item' => $item], array_slice($in, 0, self::MOST_ITEMS));
        DB::connection()->transaction(static function () use ($shoot, $add, $out): void {
            DB::table('packed_items')->insertOrIgnore($add);
            DB::table('packed_items')->where('shoot_id', $shoot->id)->whereIn('item', $out)->delete();
        });
    }
}
