<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

/**
 * What a camera with two cards does with them.
 */
enum SlotUse: string
{
    /** The second takes over when the first is full. */
    case Overflow = 'overflow';

    /** Each photo goes to both. */
    case Copy = 'copy';

    /** Raw to the first, JPEG to the second. */
    case Split = 'split';

    public function label(): string
    {
        return match ($this) {
            self::Overflow => 'the second takes over',
            self::Copy => 'each photo on both',
            self::Split => 'raw on the first, JPEG on the second',
        };
    }
}
