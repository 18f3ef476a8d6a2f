<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;

/**
 * The three figures that hang together: two are held, the third follows.
 */
enum Figure: string
{
    /** All photos, and with them the clip. */
    case Photos = 'photos';
    /** From trigger to trigger. */
    case Interval = 'interval';
    /** Photos times interval. */
    case Shooting = 'shooting';

    public function named(): Message
    {
        return match ($this) {
            self::Photos => new Message('editing.figure.photos'),
            self::Interval => new Message('editing.figure.interval'),
            self::Shooting => new Message('editing.figure.shooting'),
        };
    }

    /** Of its field in a form. */
    public function pointer(): string
    {
        return $this === self::Interval ? '/timing/interval_s' : "/held/{$this->value}";
    }
}
