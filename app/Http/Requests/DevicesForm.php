<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

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
     * Where a device is reached.
     *
     * @return ?string null where there is none
     *
     * @throws InvalidInput
     */
    public function address(string $field, KitKind $kind): ?string
    {
        if (in_array($this->text($field), ['', self::NONE], true)) {
            return null;
        }
        $item = KitItem::query()->where('kind', $kind->value)->find((int) $this->text($field));

        return $item?->piece()->address ?? throw new InvalidInput([new Problem("/{$field}", 'That piece is no longer in the bag. Choose another.')]);
    }
}
