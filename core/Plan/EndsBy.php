<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What ends a shot that was given no number of photos.
 */
enum EndsBy: string implements Labelled
{
    /** Somebody, by hand. */
    case Stopped = 'stopped';
    case CardFull = 'card';
    case BatteryOut = 'battery';
    /** A time of day, or what happens in the sky. */
    case Time = 'time';

    public function label(): Message
    {
        return match ($this) {
            self::Stopped => new Message('plan.ends_by.hand'),
            self::CardFull => new Message('plan.ends_by.card'),
            self::BatteryOut => new Message('plan.ends_by.battery'),
            self::Time => new Message('plan.ends_by.time'),
        };
    }
}
