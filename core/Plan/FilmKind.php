<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Ways in which the camera makes the clip itself.
 */
enum FilmKind: string implements Labelled
{
    case InCamera = 'in_camera';
    case SpedUp = 'sped_up';

    public function label(): Message
    {
        return match ($this) {
            self::InCamera => new Message('plan.film_kind.camera'),
            self::SpedUp => new Message('plan.film_kind.sped_up'),
        };
    }
}
