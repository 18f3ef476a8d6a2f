<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Message;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Shot\Shot;

/**
 * P1: the camera's battery dies before the last photo; cold counts.
 */
final class CameraBatteryDies implements Check
{
    public static function about(): About
    {
        return new About(
            [Stage::Pack],
            [...About::POWER, ...About::CYCLE],
            unmended: new Message('checks.camera_battery_dies.unmended'),
        );
    }

    public function find(Shot $shot): ?Finding
    {
        return PowerMending::finding($shot, FindingId::CameraBatteryDies, 'camera', $shot->drain()?->camera);
    }
}
