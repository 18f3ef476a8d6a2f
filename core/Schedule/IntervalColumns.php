<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

/**
 * What fills each photo's interval, as starts and lengths that can be drawn to scale as they are. Times are seconds
 * from the photo's own trigger, rounded to a tenth of a millisecond.
 */
final class IntervalColumns
{
    private const DECIMALS = 4;

    /**
     * @return array<string, list<float|int|string|null>> one entry for each photo; by quantity:
     *     trigger, interval, span (interval or what it is stretched to), slack (null on the last), late,
     *     lag (how long), exposure (how long), dark_start, dark (noise reduction),
     *     write_start, write, move_start, move, settle_start, settle, phase, position:<axis>
     */
    public static function of(Schedule $schedule): array
    {
        $camera = $schedule->plan->camera;
        $rig = $schedule->plan->rig;
        $timeline = $schedule->timeline;
        $columns = [];
        for ($n = 0; $n < $schedule->photosTotal(); $n++) {
            $trigger = $timeline->triggerSeconds[$n];
            $exposure = $schedule->exposureSeconds[$n];
            $close = $camera->shutterLagSeconds + $exposure;
            $move = $schedule->moves->moveSeconds[$n];
            $moveStart = $close + $rig->postExposureDelaySeconds;
            $next = $timeline->triggerSeconds[$n + 1] ?? $trigger + $schedule->intervalSeconds[$n];
            $row = [
                'trigger' => $trigger,
                'interval' => $schedule->intervalSeconds[$n],
                'span' => max($next - $trigger, $timeline->writeEndSeconds[$n] - $trigger),
                'slack' => $timeline->slackSeconds[$n],
                'late' => $timeline->lateSeconds[$n],
                'lag' => $camera->shutterLagSeconds,
                'exposure' => $exposure,
                'dark_start' => $close,
                'dark' => $camera->shutterBusySeconds($exposure) - $exposure,
                'write_start' => $timeline->writeStartSeconds[$n] - $trigger,
                'write' => $camera->writeSeconds,
                'move_start' => $moveStart,
                'move' => $move,
                'settle_start' => $moveStart + $move,
                'settle' => $move > 0.0 ? $rig->settleSeconds : 0.0,
            ];
            foreach ($row as $name => $seconds) {
                $columns[$name][] = $seconds === null ? null : round($seconds, self::DECIMALS);
            }
            $columns['phase'][] = $schedule->order->phases[$n]->value;
        }
        foreach ($schedule->moves->positions as $axisId => $positions) {
            $columns["position:{$axisId}"] = array_map(static fn (float $position): float => round($position, self::DECIMALS), $positions);
        }

        return $columns;
    }
}
