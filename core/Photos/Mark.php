<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Words\Labelled;

/**
 * What somebody who looked at a photo says of it.
 */
enum Mark: string implements Labelled
{
    case Spoilt = 'spoilt';
    case Pick = 'pick';

    public function label(): string
    {
        return match ($this) {
            self::Spoilt => 'spoilt',
            self::Pick => 'a still to keep',
        };
    }
}
