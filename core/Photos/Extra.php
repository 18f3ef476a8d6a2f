<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

use Evrent\Core\Messages\Message;

/**
 * Why a photo on the card is unmatched.
 */
enum Extra: string
{
    case TestBefore = 'test_before';
    case TestAfter = 'test_after';
    case Double = 'double';
    case Copy = 'copy';
    case Foreign = 'foreign';
    case OtherBody = 'other_body';
    case NoTime = 'no_time';

    public function told(): Message
    {
        return match ($this) {
            self::TestBefore => new Message('photos.extra.test_before'),
            self::TestAfter => new Message('photos.extra.test_after'),
            self::Double => new Message('photos.extra.double'),
            self::Copy => new Message('photos.extra.copy'),
            self::Foreign => new Message('photos.extra.foreign'),
            self::OtherBody => new Message('photos.extra.other_body'),
            self::NoTime => new Message('photos.extra.no_time'),
        };
    }
}
