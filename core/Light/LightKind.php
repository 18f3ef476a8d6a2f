<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Where the light of a scene comes from. Where daylight does not enter, what a meter showed or what lamps give is all there is.
 */
enum LightKind: string implements Labelled
{
    case Outdoors = 'outdoors';
    case Indoors = 'indoors';
    case Roof = 'roof';
    case Lamps = 'lamps';

    public function daylightEnters(): bool
    {
        return $this === self::Outdoors;
    }

    public function label(): Message
    {
        return match ($this) {
            self::Outdoors => new Message('light.light_kind.sky'),
            self::Indoors => new Message('light.light_kind.indoors'),
            self::Roof => new Message('light.light_kind.roof'),
            self::Lamps => new Message('light.light_kind.lamps'),
        };
    }
}
