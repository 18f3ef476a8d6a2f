<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * How the nearest thing that matters is to come out.
 */
enum ForegroundFocus: string implements Labelled
{
    case Sharp = 'sharp';
    /** On purpose: so far out of focus that nobody takes it for a mistake. */
    case Soft = 'soft';

    public function label(): Message
    {
        return new Message("choices.foreground.{$this->value}");
    }
}
