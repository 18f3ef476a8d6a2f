<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * Who decides when the shutter opens.
 */
enum TriggeredBy: string implements Labelled
{
    /** The rig's controller fires the camera, and waits for it. */
    case Rig = 'rig';
    /** The camera's own timer; rig and camera know nothing of each other. */
    case CameraTimer = 'camera_timer';

    public function label(): Message
    {
        return new Message("choices.triggered_by.{$this->value}");
    }
}
