<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * How moving and exposing take turns.
 */
enum Mode: string
{
    /** Stop for every photo: expose, move, settle, wait. */
    case ShootMoveShoot = 'shoot_move_shoot';
    /** Creep on without stopping; the shutter opens on the way. */
    case Continuous = 'continuous';
}
