<?php

declare(strict_types=1);

namespace App\Models;

use App\Devices\Simulated;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Plan\Plan;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Protocol\Gcode\Dialect;

/**
 * What reaches a rig and a camera, by the addresses that it keeps.
 *
 * @property ?string               $rig_address
 * @property string                $camera_address
 * @property array<string, string> $rig_words
 */
trait ReachesDevices
{
    public function rigFor(Plan $plan): ?GcodeRig
    {
        $address = Simulated::rig($this->rig_address);

        return $address === null ? null : new GcodeRig($plan->rig, $address, Dialect::of(RigWords::of($this->rig_words)));
    }

    /**
     * @return list<Axis> of the rig that is reached there, as the kit has it now
     */
    public function kitAxes(): array
    {
        foreach ($this->rig_address === null ? [] : KitItem::query()->where('kind', KitKind::Rig->value)->orderBy('id')->get() as $item) {
            $piece = $item->piece();
            if ($piece->address === $this->rig_address) {
                return $piece->axes();
            }
        }

        return [];
    }

    public function cameraFor(Plan $plan): CameraLink
    {
        return CameraLinks::at(Simulated::camera($this->camera_address), $plan->trigger->isCamera());
    }
}
