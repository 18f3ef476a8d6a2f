<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;

/**
 * P2: the rig's battery dies before the last photo; cold counts.
 */
final class RigBatteryDies implements Check
{
    public function find(Shot $shot): ?Finding
    {
        return PowerMending::finding($shot, FindingId::RigBatteryDies, 'rig', $shot->drain()?->rig);
    }
}
