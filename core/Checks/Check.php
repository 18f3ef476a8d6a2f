<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Shot\Shot;

/**
 * Looks for one way in which a shoot fails. Takes part by being listed in `Report::CHECKS`.
 */
interface Check
{
    public function find(Shot $shot): ?Finding;
}
