<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Words\TypedText;

/**
 * The start of a take: on what, when, and what to do after a gap.
 */
final class TakeForm extends Form
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
     * Seconds until the first photo.
     *
     * @throws InvalidInput
     */
    public function delay(Plan $plan): float
    {
        if ($this->text('when') === 'planned') {
            return $plan->secondsToFirstTrigger(microtime(true))
                ?? throw new InvalidInput([new Problem('/when', 'The planned start is over, or not known. Choose another.')]);
        }
        $delay = $this->text('delay') === '' ? 0.0 : TypedText::seconds($this->text('delay'));

        return $delay ?? throw new InvalidInput([new Problem('/delay', 'Enter a time such as 30, 5 min or 1h30m.')]);
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
