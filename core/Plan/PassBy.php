<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Words\Labelled;

/**
 * Who films the pass in real time.
 */
enum PassBy: string implements Labelled
{
    case TwoCameras = 'two_cameras';
    case OneCamera = 'one_camera';

    public function label(): string
    {
        return match ($this) {
            self::TwoCameras => 'a second camera beside the first',
            self::OneCamera => 'the same camera, before or after',
        };
    }
}
