<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What a camera with two cards does with them.
 */
enum SlotUse: string implements Labelled
{
    /** The second takes over when the first is full. */
    case Overflow = 'overflow';

    /** Each photo goes to both. */
    case Copy = 'copy';

    /** Raw to the first, JPEG to the second. */
    case Split = 'split';

    public function label(): Message
    {
        return match ($this) {
            self::Overflow => new Message('budget.slot_use.overflow'),
            self::Copy => new Message('budget.slot_use.copy'),
            self::Split => new Message('budget.slot_use.split'),
        };
    }
}
