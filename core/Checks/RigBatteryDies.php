<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;

/**
 * P2: the rig's battery dies before the last photo; cold counts.
 */
final class RigBatteryDies implements Check
{
    public function find(Schedule $schedule): ?Finding
    {
        return PowerMending::finding($schedule, 'P2', 'rig', Drain::of($schedule)?->rig);
    }
}
