<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What stands before the camera, as the finder draws it: near, subject and far things of its kind, at the distances of the picture.
 */
enum Scene: string implements Labelled
{
    /** Nobody described it: the finder shows an estuary, and says that it is an example. */
    case Example = 'example';

    case Shore = 'shore';
    case Street = 'street';
    case Hills = 'hills';
    case Room = 'room';

    public function label(): Message
    {
        return match ($this) {
            self::Example => new Message('optics.scene.none'),
            self::Shore => new Message('optics.scene.shore'),
            self::Street => new Message('optics.scene.street'),
            self::Hills => new Message('optics.scene.hills'),
            self::Room => new Message('optics.scene.room'),
        };
    }
}
