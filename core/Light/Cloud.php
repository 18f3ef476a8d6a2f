<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * How much of the light clouds keep away, as the same circular counts it.
 */
enum Cloud: string
{
    case Clear = 'clear';
    case Thin = 'thin';
    case Average = 'average';
    case Dark = 'dark';

    /** What the light is divided by. */
    public function divides(): float
    {
        return match ($this) {
            self::Clear => 1.0,
            self::Thin => 2.0,
            self::Average => 3.0,
            self::Dark => 10.0,
        };
    }
}
