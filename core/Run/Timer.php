<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * The controller's interval timer. Times are seconds from the first planned trigger.
 */
interface Timer
{
    /**
     * @return ?float the time at which it really fires, no earlier than asked; null when it fires no more
     */
    public function fireAt(float $dueSeconds): ?float;
}
