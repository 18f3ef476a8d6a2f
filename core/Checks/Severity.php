<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

/**
 * How much a finding matters, the worst first.
 */
enum Severity: string
{
    case Stops = 'stops';
    case Look = 'look';
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
            self::Look => 'Look at it',
            self::Know => 'Good to know',
        };
    }
}
