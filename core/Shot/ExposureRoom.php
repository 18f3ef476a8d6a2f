<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * How long each photo may be exposed before it makes the next one late, with devices on their slowest day.
 */
final class ExposureRoom
{
    /**
     * @return list<float> seconds by photo, never below zero; INF where nothing waits for it
     */
    public static function of(Schedule $schedule): array
    {
        $plan = $schedule->plan;
        $camera = EverydayNoise::slowest($plan->camera);
        $last = $schedule->photosTotal() - 1;
        // A gap is counted from the exposure's end: it makes room for any. Without a clock nothing waits.
        if ($plan->timing->intervalMeans === IntervalMeaning::Gap || !$plan->timing->mode->hasClock()) {
            return array_fill(0, $last + 1, INF);
        }
        $busy = $camera->longExposureNoiseReduction ? 2.0 : 1.0;
        $written = $camera->bufferFrames === 1 ? $camera->writeSeconds : 0.0;
        $stops = $plan->timing->mode->stops();
        $room = [];
        foreach ($schedule->intervalSeconds as $n => $interval) {
            $move = $stops ? $schedule->moves->moveSeconds[$n] * (1.0 + EverydayNoise::MOVE_SHARE) : 0.0;
            $rig = $stops ? $plan->rig->postExposureDelaySeconds + $move + ($move > 0.0 ? $plan->rig->settleSeconds : 0.0) : 0.0;
            $room[] = $n === $last ? INF : max(0.0, min(
                $interval - $camera->shutterLagSeconds - $rig,
                ($interval - $camera->shutterLagSeconds - $written) / $busy,
            ));
        }

        return $room;
    }
}
