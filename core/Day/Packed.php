<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * One line of a packing list.
 */
final readonly class Packed
{
    public function __construct(public string $kind, public Text|string $what, public int $count, public Text|string $why)
    {
    }

    public function label(): Message
    {
        return KitKind::tryFrom($this->kind)?->label() ?? new Message("day.packed.{$this->kind}");
    }

    /** The bag it goes into, by what it is for. */
    public function bag(): Bag
    {
        return match ($this->kind) {
            'body', 'lens', 'filter', 'card', 'camera_battery', 'timer', 'care' => Bag::Camera,
            'rig', 'legs', 'rig_battery', 'power_bank', 'cable' => Bag::Rig,
            default => Bag::Body,
        };
    }

    /**
     * @param list<self> $packed
     *
     * @return list<array{Bag, list<self>}> by bag, in the order in which they are carried out
     */
    public static function byBag(array $packed): array
    {
        $bags = array_map(
            static fn (Bag $bag): array => [$bag, array_values(array_filter($packed, static fn (self $one): bool => $one->bag() === $bag))],
            Bag::cases(),
        );

        return array_values(array_filter($bags, static fn (array $bag): bool => $bag[1] !== []));
    }

    /** By which it is known to have been packed, whatever the shots come to need of it. */
    public function key(): string
    {
        return "{$this->kind}: " . Message::forLog($this->what);
    }
}
