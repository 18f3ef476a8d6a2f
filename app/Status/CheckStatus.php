<?php

declare(strict_types=1);

namespace App\Status;

/**
 * Work with the devices on its way: a device check, or a test grid.
 */
enum CheckStatus: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    /** By somebody. */
    case Stopped = 'stopped';

    /** @return list<self> while it is not over */
    public static function open(): array
    {
        return [self::Waiting, self::Running];
    }

    public function isOver(): bool
    {
        return !in_array($this, self::open(), true);
    }
}
