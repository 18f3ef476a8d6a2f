<?php

declare(strict_types=1);

namespace App\Status;

/**
 * Photos of a card on their way.
 */
enum ReadingStatus: string
{
    /** Photos come from the browser. */
    case Uploading = 'uploading';
    case Waiting = 'waiting';
    case Reading = 'reading';
    /** The folder does not answer, or is not there: it is read on when it is. */
    case Away = 'away';
    case Done = 'done';
    case Failed = 'failed';
    /** By somebody. */
    case Stopped = 'stopped';

    /** @return list<self> while it is not over */
    public static function open(): array
    {
        return [self::Uploading, self::Waiting, self::Reading, self::Away];
    }

    public function isOver(): bool
    {
        return !in_array($this, self::open(), true);
    }
}
