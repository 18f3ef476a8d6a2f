<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

/**
 * How much a finding matters, the worst first. A shot is red only if what comes home cannot be used.
 */
enum Severity: string
{
    /** What comes home cannot be used, or is not the shot that was asked for. */
    case Stops = 'stops';

    /** It can be used, and somebody will see it: look whether it is wanted so. */
    case Look = 'look';

    /** Nothing is wrong; it helps to know. */
    case Know = 'know';

    public function rank(): int
    {
        return match ($this) {
            self::Stops => 0,
            self::Look => 1,
            self::Know => 2,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Stops => 'Spoils the shot',
            self::Look => 'Check',
            self::Know => 'Note',
        };
    }
}
