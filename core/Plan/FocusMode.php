<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Who focuses.
 */
enum FocusMode: string implements Labelled
{
    case Manual = 'manual';
    case Auto = 'auto';

    public function label(): Message
    {
        return match ($this) {
            self::Manual => new Message('plan.focus_mode.manual'),
            self::Auto => new Message('plan.focus_mode.auto'),
        };
    }
}
