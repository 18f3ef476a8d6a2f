<?php

declare(strict_types=1);

namespace Evrent\Core\Optics;

use Evrent\Core\Messages\Message;
use Evrent\Core\Words\Labelled;

/**
 * What moves in the picture: it decides how far it may go from photo to photo.
 */
enum SubjectKind: string implements Labelled
{
    /** One thing that the eye follows: a boat, a walker, the moon. */
    case One = 'one';

    /** Many that come and go: traffic, a crowd, water, stars. Nobody follows any of them. */
    case Stream = 'stream';

    public function label(): Message
    {
        return match ($this) {
            self::One => new Message('optics.subject_kind.single'),
            self::Stream => new Message('optics.subject_kind.stream'),
        };
    }
}
