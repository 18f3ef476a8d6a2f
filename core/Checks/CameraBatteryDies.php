<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;

/**
 * P1: the camera's battery dies before the last photo; cold counts.
 */
final class CameraBatteryDies implements Check
{
    public function find(Shot $shot): ?Finding
    {
        return PowerMending::finding($shot, FindingId::CameraBatteryDies, 'camera', $shot->drain()?->camera);
    }
}
