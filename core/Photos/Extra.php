<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * Why a photo on the card is none of the plan's.
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

    public function told(): string
    {
        return match ($this) {
            self::TestBefore => 'a test shot before the run',
            self::TestAfter => 'taken after the run',
            self::Double => 'taken twice for one place',
            self::Copy => 'the same photo once more',
            self::Foreign => 'at a time that the plan has no photo',
            self::OtherBody => 'from another camera',
            self::NoTime => 'it says nothing of when it was taken',
        };
    }
}
