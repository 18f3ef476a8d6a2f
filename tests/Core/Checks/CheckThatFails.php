<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Check;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Shot\Shot;

/**
 * A check with a defect.
 */
final class CheckThatFails implements Check
{
    public function find(Shot $shot): ?Finding
    {
        throw new \DivisionByZeroError('by nothing at all');
    }
}
