<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Who ends an exposure.
 */
enum TimedBy: string implements Labelled
{
    /** The controller holds the shutter open for as long as the plan says. */
    case Controller = 'controller';

    /** The camera, by the shutter time that it is set to. */
    case Camera = 'camera';

    public function label(): Message
    {
        return new Message("choices.timed_by.{$this->value}");
    }
}
