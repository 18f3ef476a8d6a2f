<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

enum AxisKind: string implements Labelled
{
    case Linear = 'linear';
    case Rotary = 'rotary';

    public function label(): Message
    {
        return new Message("choices.axis_kind.{$this->value}");
    }

    /** The unit in which positions on such an axis are given. */
    public function unit(): string
    {
        return match ($this) {
            self::Linear => 'mm',
            self::Rotary => '°',
        };
    }
}
