<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

/**
 * One line of a packing list.
 */
final readonly class Packed
{
    public function __construct(public string $kind, public string $what, public int $count, public string $why)
    {
    }
}
