<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

use RuntimeException;
use Throwable;

/**
 * Something that failed, in words for whoever has to mend it. In logs its message is the key and the numbers.
 */
class Failure extends RuntimeException
{
    public function __construct(public readonly Text|string $says, ?Throwable $previous = null)
    {
        parent::__construct(Message::forLog($says), 0, $previous);
    }
}
