<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Who films the pass in real time.
 */
enum PassBy: string implements Labelled
{
    case TwoCameras = 'two_cameras';
    case OneCamera = 'one_camera';

    public function label(): Message
    {
        return match ($this) {
            self::TwoCameras => new Message('plan.pass_by.second'),
            self::OneCamera => new Message('plan.pass_by.same'),
        };
    }
}
