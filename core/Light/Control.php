<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Who sets the shutter while the shot runs.
 */
enum Control: string implements Labelled
{
    /** The plan: one exposure, or keys along the shot. */
    case Manual = 'manual';

    /** The camera, by its own meter, for the aperture and ISO that it is given. */
    case AperturePriority = 'aperture_priority';

    /** The plan sets the shutter; the camera's meter opens and closes the aperture, as far as the lens goes. */
    case ShutterPriority = 'shutter_priority';

    public function label(): Message
    {
        return new Message("choices.control.{$this->value}");
    }
}
