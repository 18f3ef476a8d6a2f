<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Check;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Schedule\Schedule;

/**
 * A check with a defect.
 */
final class CheckThatFails implements Check
{
    public function find(Schedule $schedule): ?Finding
    {
        throw new \DivisionByZeroError('by nothing at all');
    }
}
