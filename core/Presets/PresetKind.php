<?php

declare(strict_types=1);

namespace Evrent\Core\Presets;

use Evrent\Core\Messages\Message;

/**
 * How much of a shot a preset carries.
 */
enum PresetKind: string
{
    /** Keyframes and ease: where the camera goes. */
    case Move = 'move';
    /** Timing, camera, picture and move: all but the rig. */
    case Shot = 'shot';
    /** Interval, exposure and clip for a kind of subject, with the reason. */
    case Recipe = 'recipe';

    public function label(): Message
    {
        return match ($this) {
            self::Move => new Message('presets.kind.move'),
            self::Shot => new Message('presets.kind.shot'),
            self::Recipe => new Message('presets.kind.recipe'),
        };
    }
}
