<?php

declare(strict_types=1);

namespace App\Status;

/**
 * Work in a folder on its way: a check of a copy, or numbered photos.
 */
enum FolderWorkStatus: string
{
    case Waiting = 'waiting';
    case Working = 'working';
    case Done = 'done';
    case Failed = 'failed';
    /** By somebody. */
    case Stopped = 'stopped';

    /** @return list<self> while it is not over */
    public static function open(): array
    {
        return [self::Waiting, self::Working];
    }

    public function isOver(): bool
    {
        return !in_array($this, self::open(), true);
    }
}
