<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Shot\Shot;

/**
 * P2: the rig's battery dies before the last photo; cold counts.
 */
final class RigBatteryDies implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            [...About::POWER, ...About::CYCLE],
            unmended: new Message('checks.rig_battery_dies.unmended'),
        );
    }

    public function find(Shot $shot): ?Finding
    {
        return PowerMending::finding($shot, FindingId::RigBatteryDies, 'rig', $shot->drain()?->rig);
    }
}
