<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * What gets in the way of a scene.
 */
enum TroubleKind: string implements Labelled
{
    case People = 'people';
    case Lamps = 'lamps';
    case Traffic = 'traffic';
    case Police = 'police';
    case Rain = 'rain';
    case Wind = 'wind';
    case Other = 'other';

    public function label(): string
    {
        return match ($this) {
            self::People => 'people',
            self::Lamps => 'lamps switched on or off',
            self::Traffic => 'traffic',
            self::Police => 'police or a guard',
            self::Rain => 'rain',
            self::Wind => 'wind',
            self::Other => 'something else',
        };
    }
}
