<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitItem;
use App\Pages\PhotosPage;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Keeps with a body how its clock went, as its photos told.
 */
final class LearnClock
{
    public function __construct(private readonly KeepPiece $keep)
    {
    }

    /**
     * @throws InvalidInput by /body
     */
    public function __invoke(PhotosPage $page, string $body): void
    {
        $item = KitItem::query()->where('kind', KitKind::Body->value)->find((int) $body)
            ?? throw new InvalidInput([new Problem('/body', 'This body is not in the kit any more. Choose another.')]);
        $learnt = array_filter(
            ['clock_ahead_s' => $page->offsetSeconds(), 'clock_drift_ppm' => $page->driftPpm()],
            static fn (?float $number): bool => $number !== null,
        );
        ($this->keep)($item, static function (?Piece $is) use ($learnt): Piece {
            assert($is !== null);

            return new Piece($is->kind, $is->name, array_replace($is->values, $learnt), $is->count, $is->note, $is->address);
        });
    }
}
