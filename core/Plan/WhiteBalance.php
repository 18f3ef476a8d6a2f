<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * Schools of white balance.
 */
enum WhiteBalance: string implements Labelled
{
    case Fixed = 'fixed';
    case ByClock = 'by_clock';
    case Later = 'later';

    public function label(): string
    {
        return match ($this) {
            self::Fixed => 'one number for every photo',
            self::ByClock => 'turned by the clock',
            self::Later => 'raw, and chosen later',
        };
    }
}
