<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What a camera's mode dial stands on, as far as it matters to who ends an exposure.
 */
enum Dial: string implements Labelled
{
    case Bulb = 'bulb';
    case Manual = 'manual';
    case AperturePriority = 'aperture_priority';
    case ShutterPriority = 'shutter_priority';

    public function label(): Message
    {
        return new Message("timing.dial.{$this->value}");
    }
}
