<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Words\Words;

/**
 * A piece of kit.
 */
final class PieceForm extends Form
{
    public function named(): string
    {
        return 'kit.' . ($this->item()->id ?? 'new');
    }

    public function standsAt(): string
    {
        return route('kit.index') . '#' . (KitKind::tryFrom($this->text('kind'))->value ?? '');
    }

    protected function nameTaken(): string
    {
        return Words::of('app.piece_form.name');
    }

    public function item(): ?KitItem
    {
        $item = $this->route('item');

        return $item instanceof KitItem ? $item : null;
    }
}
