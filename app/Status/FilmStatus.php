<?php

declare(strict_types=1);

namespace App\Status;

/**
 * A film on its way.
 */
enum FilmStatus: string
{
    case Waiting = 'waiting';
    case Making = 'making';
    case Done = 'done';
    case Failed = 'failed';
    /** By somebody. */
    case Stopped = 'stopped';

    /** @return list<self> while it is not over */
    public static function open(): array
    {
        return [self::Waiting, self::Making];
    }

    public function isOver(): bool
    {
        return !in_array($this, self::open(), true);
    }
}
