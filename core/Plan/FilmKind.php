<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * Ways in which the camera makes the clip itself.
 */
enum FilmKind: string implements Labelled
{
    case InCamera = 'in_camera';
    case SpedUp = 'sped_up';

    public function label(): string
    {
        return match ($this) {
            self::InCamera => 'the camera’s own film mode',
            self::SpedUp => 'video, sped up',
        };
    }
}
