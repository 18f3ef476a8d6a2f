<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * How moving and exposing take turns.
 */
enum Mode: string implements Labelled
{
    /** Stop for every photo: expose, move, settle, wait. */
    case ShootMoveShoot = 'shoot_move_shoot';
    /** Creep on without stopping; the shutter opens on the way. */
    case Continuous = 'continuous';
    /** Step to the next place when told to: positions and steps, and no clock. */
    case StopMotion = 'stop_motion';

    public function label(): Message
    {
        return new Message("choices.mode.{$this->value}");
    }

    /** Whether the rig stands still for each photo. */
    public function stops(): bool
    {
        return $this !== self::Continuous;
    }

    /** Whether photos are taken by a clock: without one nothing is late and no interval too short. */
    public function hasClock(): bool
    {
        return $this !== self::StopMotion;
    }
}
