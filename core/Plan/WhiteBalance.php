<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Schools of white balance.
 */
enum WhiteBalance: string implements Labelled
{
    case Fixed = 'fixed';
    case ByClock = 'by_clock';
    case Later = 'later';

    public function label(): Message
    {
        return match ($this) {
            self::Fixed => new Message('plan.white_balance.fixed'),
            self::ByClock => new Message('plan.white_balance.by_clock'),
            self::Later => new Message('plan.white_balance.raw'),
        };
    }
}
