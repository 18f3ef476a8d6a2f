<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitItem;
use Evrent\Core\Kit\KitItem as Piece;
use Illuminate\Support\Facades\DB;

/**
 * Puts a piece into the bag, or keeps what was changed of one.
 */
final class KeepPiece
{
    /**
     * @param callable(?Piece): Piece $read what it is to be, from what it is by now; null for a new one
     *
     * @throws \Evrent\Core\Values\InvalidInput
     * @throws \Illuminate\Database\UniqueConstraintViolationException when there is another of its name
     */
    public function __invoke(?KitItem $item, callable $read): Piece
    {
        return DB::connection()->transaction(static function () use ($item, $read): Piece {
            $locked = $item === null ? null : KitItem::query()->lockForUpdate()->findOrFail($item->id);
            $piece = $read($locked?->piece());
            ($locked ?? new KitItem())->fill(KitItem::keeping($piece))->save();

            return $piece;
        });
    }
}
