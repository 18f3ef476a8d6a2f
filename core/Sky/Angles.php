<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use Evrent\Core\Messages\Message;

/**
 * Degrees on the circle.
 */
final class Angles
{
    /** In 0…360. */
    public static function turn(float $degrees): float
    {
        $turned = fmod($degrees, 360.0);

        return $turned < 0.0 ? $turned + 360.0 : $turned;
    }

    /** In -180…180. */
    public static function half(float $degrees): float
    {
        $turned = self::turn($degrees);

        return $turned > 180.0 ? $turned - 360.0 : $turned;
    }

    /** The point of the compass that a bearing is nearest to: north, north-east and so on round to north-west. */
    public static function compassPoint(float $bearing): Message
    {
        $points = ['north', 'north_east', 'east', 'south_east', 'south', 'south_west', 'west', 'north_west'];

        return new Message("sky.compass.{$points[(int) round(self::turn($bearing) / 45.0) % 8]}");
    }

    public static function sin(float $degrees): float
    {
        return sin(deg2rad($degrees));
    }

    public static function cos(float $degrees): float
    {
        return cos(deg2rad($degrees));
    }
}
