<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

/**
 * What stands before the camera, as the finder draws it: near, subject and far things of its kind, at the distances of the picture.
 */
enum Scene: string
{
    /** Nobody described it: the finder shows an estuary, and says that it is an example. */
    case Example = 'example';

    case Shore = 'shore';
    case Street = 'street';
    case Hills = 'hills';
    case Room = 'room';

    public function label(): string
    {
        return match ($this) {
            self::Example => 'not described: an example',
            self::Shore => 'shore: stakes, a mill, hills',
            self::Street => 'street: lamp posts, houses, towers',
            self::Hills => 'hills: rocks, a hut, ridges',
            self::Room => 'room: a table, a plant, a wall',
        };
    }
}
