<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What of the scene is to come out right. The same evening asks for other exposures of the ground, of the sky above it, and of what
 * lamps light.
 */
enum ExposedFor: string implements Labelled
{
    /** Ground and walls, by the light that falls on them from everywhere. */
    case Land = 'land';

    /** The sky that the camera looks at. */
    case Sky = 'sky';

    /** What lamps light, as if they burned all the while: nothing jumps when they are switched on. */
    case Lamps = 'lamps';

    public function label(): Message
    {
        return match ($this) {
            self::Land => new Message('light.exposed_for.land'),
            self::Sky => new Message('light.exposed_for.sky'),
            self::Lamps => new Message('light.exposed_for.lamps'),
        };
    }
}
