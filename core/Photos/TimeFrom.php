<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * What tells when a photo was taken.
 */
enum TimeFrom: string
{
    case Exif = 'exif';
    /** The file's own time, when it was written or copied: a last resort. */
    case File = 'file';
    case None = 'none';
}
