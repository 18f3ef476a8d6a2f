<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What somebody who looked at a photo says of it.
 */
enum Mark: string implements Labelled
{
    case Spoilt = 'spoilt';
    case Pick = 'pick';

    public function label(): Message
    {
        return match ($this) {
            self::Spoilt => new Message('photos.mark.spoilt'),
            self::Pick => new Message('photos.mark.pick'),
        };
    }
}
