<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * The two conventions for what "interval" means.
 */
enum IntervalMeaning: string implements Labelled
{
    /** From trigger to trigger. */
    case StartToStart = 'start_to_start';
    /** From the end of one exposure to the next trigger. */
    case Gap = 'gap';

    public function label(): Message
    {
        return new Message("choices.interval_means.{$this->value}");
    }
}
