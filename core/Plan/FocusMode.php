<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * Who focuses.
 */
enum FocusMode: string implements Labelled
{
    case Manual = 'manual';
    case Auto = 'auto';

    public function label(): string
    {
        return match ($this) {
            self::Manual => 'by hand',
            self::Auto => 'by the camera',
        };
    }
}
