<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\KitItem;
use App\Pages\LearntBody;
use App\Pages\PhotosPage;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Keeps with a body what its photos showed of it.
 */
final class LearnOfBody
{
    public function __construct(private readonly KeepPiece $keep)
    {
    }

    /**
     * @param list<mixed> $fields of its kit entry that are to be kept
     *
     * @throws InvalidInput by /body, /fields
     */
    public function __invoke(PhotosPage $page, string $body, array $fields): void
    {
        $item = KitItem::query()->where('kind', KitKind::Body->value)->find((int) $body)
            ?? throw new InvalidInput([new Problem('/body', new Message('app.learnt.gone'))]);
        $chosen = array_fill_keys(array_filter($fields, is_string(...)), true);
        $learnt = array_intersect_key((new LearntBody($page, $item))->values, $chosen);
        if ($learnt === []) {
            throw new InvalidInput([new Problem('/fields', new Message('app.learnt.tick'))]);
        }
        ($this->keep)($item, static function (?Piece $is) use ($learnt): Piece {
            assert($is !== null);

            return new Piece($is->kind, $is->name, array_replace($is->values, $learnt), $is->count, $is->note, $is->address, $is->words);
        });
    }
}
