<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;

/**
 * P1: the camera's battery dies before the last photo; cold counts.
 */
final class CameraBatteryDies implements Check
{
    public function find(Schedule $schedule): ?Finding
    {
        return PowerMending::finding($schedule, 'P1', 'camera', Drain::of($schedule)?->camera);
    }
}
