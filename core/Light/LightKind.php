<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * Where the light of a scene comes from. Where daylight does not enter, what a meter showed or what lamps give is all there is.
 */
enum LightKind: string
{
    case Outdoors = 'outdoors';
    case Indoors = 'indoors';
    case Roof = 'roof';
    case Lamps = 'lamps';

    public function daylightEnters(): bool
    {
        return $this === self::Outdoors;
    }

    public function label(): string
    {
        return match ($this) {
            self::Outdoors => 'the open sky',
            self::Indoors => 'indoors',
            self::Roof => 'under a roof',
            self::Lamps => 'lamps alone',
        };
    }
}
