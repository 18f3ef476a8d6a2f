<?php

declare(strict_types=1);

namespace Evrent\Core\Values;

use DomainException;
use Evrent\Core\Messages\Message;

/**
 * A value that cannot exist, with every problem found in it.
 */
final class InvalidInput extends DomainException
{
    /**
     * @param non-empty-list<Problem> $problems
     */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode(' ', array_map(
            static fn (Problem $problem): string => trim("{$problem->pointer}: " . Message::forLog($problem->message), ': '),
            $problems,
        )));
    }
}
