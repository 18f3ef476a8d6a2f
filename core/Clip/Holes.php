<?php

declare(strict_types=1);

namespace Evrent\Core\Clip;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What stands in a clip where a photo is missing or bad.
 */
enum Holes: string implements Labelled
{
    /** The photo before it once more: everything else stays at its time. */
    case Held = 'held';
    /** The photos on either side over each other, the nearer one the stronger. */
    case Blended = 'blended';
    /** Nothing: the clip is shorter by it, and what moves by itself jumps. */
    case Dropped = 'dropped';

    public function label(): Message
    {
        return match ($this) {
            self::Held => new Message('clip.holes.hold'),
            self::Blended => new Message('clip.holes.blend'),
            self::Dropped => new Message('clip.holes.drop'),
        };
    }
}
