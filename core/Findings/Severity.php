<?php

declare(strict_types=1);

namespace Evrent\Core\Findings;

use Evrent\Core\Messages\Message;

/**
 * How much a finding matters, the worst first. A shot is red only if what comes home cannot be used.
 */
enum Severity: string
{
    /** What comes home cannot be used, or is not the shot that was asked for. */
    case Error = 'stops';

    /** It can be used, and somebody will see it: look whether it is wanted so. */
    case Warning = 'look';

    /** Nothing is wrong; it helps to know. */
    case Info = 'know';

    public function rank(): int
    {
        return match ($this) {
            self::Error => 0,
            self::Warning => 1,
            self::Info => 2,
        };
    }

    public function label(): Message
    {
        return new Message("checks.severity.{$this->value}");
    }
}
