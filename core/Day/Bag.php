<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;

/**
 * What things are carried in, in the order in which it is carried out.
 */
enum Bag: string
{
    case Camera = 'camera';
    case Rig = 'rig';
    case Body = 'body';

    public function label(): Message
    {
        return new Message("day.bag.{$this->value}");
    }
}
