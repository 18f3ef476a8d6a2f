<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

/**
 * One line of a packing list.
 */
final readonly class Packed
{
    public function __construct(public string $kind, public string $what, public int $count, public string $why)
    {
    }

    /** The bag it goes into, by what it is for. */
    public function bag(): string
    {
        return match ($this->kind) {
            'body', 'lens', 'ND filter', 'card', 'camera battery', 'timer', 'care' => 'Camera bag',
            'rig', 'legs', 'rig battery', 'power bank', 'cable' => 'Rig case',
            default => 'On the body',
        };
    }

    /**
     * @param list<self> $packed
     *
     * @return array<string, list<self>> by bag, in the order in which they are carried out
     */
    public static function byBag(array $packed): array
    {
        $bags = ['Camera bag' => [], 'Rig case' => [], 'On the body' => []];
        foreach ($packed as $one) {
            $bags[$one->bag()][] = $one;
        }

        return array_filter($bags);
    }

    /** By which it is known to have been packed, whatever the shots come to need of it. */
    public function key(): string
    {
        return "{$this->kind}: {$this->what}";
    }
}
