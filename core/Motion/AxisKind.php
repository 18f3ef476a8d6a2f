<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

enum AxisKind: string
{
    case Linear = 'linear';
    case Rotary = 'rotary';

    /** The unit in which positions on such an axis are given. */
    public function unit(): string
    {
        return match ($this) {
            self::Linear => 'mm',
            self::Rotary => '°',
        };
    }
}
