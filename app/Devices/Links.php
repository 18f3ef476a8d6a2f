<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Take;
use Evrent\Core\Plan\Plan;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Links\RigLink;

/**
 * The devices of a take.
 */
final class Links
{
    public static function rig(Take $take, Plan $plan): ?RigLink
    {
        return $take->rig_address === null ? null : new GcodeRig($plan->rig, $take->rig_address);
    }

    public static function camera(Take $take): CameraLink
    {
        return CameraLinks::at($take->camera_address);
    }
}
