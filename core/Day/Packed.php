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

    /** By which it is known to have been packed, whatever the shots come to need of it. */
    public function key(): string
    {
        return "{$this->kind}: {$this->what}";
    }
}
