<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

/**
 * What ends a shot that was given no number of photos.
 */
enum EndsBy: string
{
    /** Somebody, by hand. */
    case Stopped = 'stopped';
    case CardFull = 'card';
    case BatteryOut = 'battery';
    /** A time of day, or what happens in the sky. */
    case Time = 'time';

    public function label(): string
    {
        return match ($this) {
            self::Stopped => 'when somebody stops it',
            self::CardFull => 'when the card is full',
            self::BatteryOut => 'when a battery is out',
            self::Time => 'at a time',
        };
    }
}
