<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitItem;
use Evrent\Core\Kit\KitItem as Piece;
use Illuminate\Support\Facades\DB;

/**
 * Puts the pieces of a file into the bag: those that are there already take what the file says of them.
 */
final class KeepPieces
{
    /**
     * @param list<Piece> $pieces
     */
    public function __invoke(array $pieces): void
    {
        DB::connection()->transaction(static function () use ($pieces): void {
            // Two files read at once would both find a name free: one after the other.
            DB::statement('lock table kit_items in share row exclusive mode');
            foreach ($pieces as $piece) {
                KitItem::query()->updateOrCreate(['kind' => $piece->kind->value, 'name' => $piece->name], KitItem::keeping($piece));
            }
        });
    }
}
