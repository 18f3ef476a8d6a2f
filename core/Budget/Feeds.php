<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

enum Feeds: string implements Labelled
{
    case Camera = 'camera';
    case Rig = 'rig';
    case Both = 'both';

    public function label(): Message
    {
        return new Message("choices.feeds.{$this->value}");
    }
}
