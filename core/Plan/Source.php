<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

/**
 * Where a value of a plan comes from.
 */
enum Source: string
{
    case Typed = 'typed';
    case Kit = 'kit';
    case Preset = 'preset';
    case Measured = 'measured';

    /** Nobody gave it: it is what Evrent assumes. */
    case Default = 'default';

    public function label(): string
    {
        return match ($this) {
            self::Typed => 'typed',
            self::Kit => 'from kit',
            self::Preset => 'from a preset',
            self::Measured => 'measured',
            self::Default => 'assumed',
        };
    }
}
