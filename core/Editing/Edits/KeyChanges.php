<?php

declare(strict_types=1);

namespace Evrent\Core\Editing\Edits;

use Evrent\Core\Editing\GivenWithEdit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Timing\KeyedSeconds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What is done to the keys of a quantity that varies along the run.
 */
final class KeyChanges
{
    /**
     * @throws InvalidInput
     */
    public static function made(KeyedSeconds $keyed, GivenWithEdit $given): KeyedSeconds
    {
        return match ($given->text('do')) {
            'vary' => $keyed->varying(),
            'steady' => $keyed->steady(),
            'add' => $keyed->withKeyAfter($given->whole('place')),
            'out' => $keyed->withoutKey($given->whole('place')),
            default => throw new InvalidInput([new Problem('/edit', new Message('editing.no_such'))]),
        };
    }
}
