<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\Mode;

/**
 * Continuous motion between two triggers: the travelling index grows linearly in time, so the rig is at each trigger
 * where it would stand if it stopped for every photo.
 */
final class Creep
{
    /**
     * How far each axis travels while the shutter is open, by its own motion: path(close) - path(open). Zero when the
     * rig stops for each photo, and while it stands.
     *
     * @param int   $index           travelling index at the photo's trigger
     * @param int   $nextIndex       at the next one's
     * @param float $secondsToNext   from trigger to trigger
     * @param float $exposureSeconds of the photo
     *
     * @return array<string, float> mm or degrees by axis id
     */
    public static function whileOpen(Plan $plan, int $index, int $nextIndex, float $secondsToNext, float $exposureSeconds): array
    {
        if ($plan->timing->mode !== Mode::Continuous || $nextIndex === $index) {
            return array_fill_keys($plan->rig->axisIds(), 0.0);
        }
        $indexPerSecond = ($nextIndex - $index) / $secondsToNext;
        $lag = $plan->camera->shutterLagSeconds;
        $atOpen = $plan->path->positionsAt($index + $lag * $indexPerSecond);
        $atClose = $plan->path->positionsAt($index + ($lag + $exposureSeconds) * $indexPerSecond);
        $travelled = [];
        foreach ($atOpen as $axisId => $position) {
            $travelled[$axisId] = $atClose[$axisId] - $position;
        }

        return $travelled;
    }
}
