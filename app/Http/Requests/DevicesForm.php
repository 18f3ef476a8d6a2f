<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\KitItem;
use App\Pages\TakeStart;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;

/**
 * Where a rig and a camera of the kit are chosen for a shot.
 */
abstract class DevicesForm extends Form
{
    private const NONE = 'none';

    public function named(): string
    {
        return 'take';
    }

    public function standsAt(): string
    {
        return route('shots.view', [...$this->shot()->address(), 'run']);
    }

    /**
     * @return ?array{string, RigWords} where the rig is reached, and how it speaks; null where there is none
     *
     * @throws InvalidInput
     */
    public function rig(): ?array
    {
        $piece = $this->piece('rig', KitKind::Rig);

        return $piece === null ? null : [$piece->address, $piece->words];
    }

    /**
     * @return string where the camera is reached; empty for the trigger line alone
     *
     * @throws InvalidInput
     */
    public function camera(): string
    {
        return $this->piece('camera', KitKind::Body)->address ?? '';
    }

    /** At which simulated devices run their world; one that is none of those to choose from is the usual one. */
    public function worldSpeed(): float
    {
        return isset(TakeStart::speeds()[$this->text('speed')]) ? (float) $this->text('speed') : config()->float('evrent.world_speed');
    }

    /**
     * @param string $field such as "rig", or "second.rig"
     *
     * @throws InvalidInput
     */
    protected function piece(string $field, KitKind $kind): ?Piece
    {
        if (in_array($this->text($field), ['', self::NONE], true)) {
            return null;
        }
        $item = KitItem::query()->where('kind', $kind->value)->find((int) $this->text($field));

        return $item?->piece()
            ?? throw new InvalidInput([new Problem('/' . str_replace('.', '/', $field), Words::of('app.item_gone'))]);
    }
}
