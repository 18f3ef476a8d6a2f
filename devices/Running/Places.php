<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Core\Schedule\Schedule;

/**
 * Where a rig is sent for a photo.
 */
final class Places
{
    /**
     * @param int $place number of the photo
     *
     * @return array<string, float> mm or degrees by axis id
     */
    public static function of(Schedule $schedule, int $place): array
    {
        $positions = [];
        foreach ($schedule->plan->rig->axes as $axis) {
            // Whole motor steps: what is sent is what the motor can stand on.
            $positions[$axis->id] = $schedule->moves->motorPositionSteps[$axis->id][$place - 1] / $axis->stepsPerUnit;
        }

        return $positions;
    }
}
