<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What a controller takes as "ramp": there are two conventions, and the display does not say which.
 */
enum RampEntry: string implements Labelled
{
    /** One number for both ends together, which the controller halves. */
    case Total = 'total';
    /** A number for each end. */
    case EachEnd = 'each_end';

    public function label(): Message
    {
        return new Message("choices.ramp_entry.{$this->value}");
    }
}
