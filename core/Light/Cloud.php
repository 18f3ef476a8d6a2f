<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * How much of the light clouds keep away, as the same circular counts it.
 */
enum Cloud: string implements Labelled
{
    case Clear = 'clear';
    case Thin = 'thin';
    case Average = 'average';
    case Dark = 'dark';

    public function label(): Message
    {
        return new Message("choices.cloud.{$this->value}");
    }

    /** What the light is divided by. */
    public function divides(): float
    {
        return match ($this) {
            self::Clear => 1.0,
            self::Thin => 2.0,
            self::Average => 3.0,
            self::Dark => 10.0,
        };
    }
}
