<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Format\PlainText;

/**
 * What fills each photo's interval, as starts and lengths that can be drawn to scale as they are. Times are seconds
 * from the photo's own trigger, rounded to a tenth of a millisecond.
 */
final class IntervalColumns
{
    private const DECIMALS = 4;

    /**
     * Quantities by name; a list has one entry for each photo, a single value is the same for all. Seconds unless said:
     * trigger, at (trigger as text), interval, required and slack (null on the last), span (until the next trigger or
     * the end of writing, whichever is later), late, lag, exposure, dark_start and dark (noise reduction), write_start
     * and write, move_start and move, settle_start and settle, phase (text), position:<axis> (mm or degrees), move:<axis>
     * (seconds of the move after it), pose:<x, yaw, pitch, roll> (metres and degrees, for the finder).
     *
     * @return array<string, list<float|string|null>|float|string|null>
     */
    public static function of(Schedule $schedule): array
    {
        $columns = array_map(
            static fn (array $column): array => array_map(static fn (?float $value): ?float => $value === null ? null : round($value, self::DECIMALS), $column),
            self::seconds($schedule) + self::perAxis($schedule) + self::poses($schedule),
        );
        $columns['at'] = array_map(PlainText::stopwatch(...), $schedule->timeline->triggerSeconds);
        $columns['phase'] = array_map(static fn (Phase $phase): string => $phase->value, $schedule->order->phases);

        return array_map(self::single(...), $columns);
    }

    /**
     * @return array<string, list<?float>>
     */
    private static function seconds(Schedule $schedule): array
    {
        $camera = $schedule->plan->camera;
        $rig = $schedule->plan->rig;
        $timeline = $schedule->timeline;
        $columns = [];
        for ($n = 0; $n < $schedule->photosTotal(); $n++) {
            $trigger = $timeline->triggerSeconds[$n];
            $exposure = $schedule->exposureSeconds[$n];
            $close = $camera->shutterLagSeconds + $exposure;
            $move = $schedule->plan->timing->mode->stops() ? $schedule->moves->moveSeconds[$n] : 0.0;
            $moveStart = $close + $rig->postExposureDelaySeconds;
            $next = $timeline->triggerSeconds[$n + 1] ?? $trigger + $schedule->intervalSeconds[$n];
            $row = [
                'trigger' => $trigger,
                'interval' => $schedule->intervalSeconds[$n],
                'required' => $timeline->requiredSeconds[$n],
                'slack' => $timeline->slackSeconds[$n],
                'span' => max($next, $timeline->writeEndSeconds[$n]) - $trigger,
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
            foreach ($row as $name => $value) {
                $columns[$name][] = $value;
            }
        }

        return $columns;
    }

    /**
     * @return array<string, list<float>>
     */
    private static function perAxis(Schedule $schedule): array
    {
        $columns = [];
        foreach ($schedule->moves->positions as $axisId => $positions) {
            $columns["position:{$axisId}"] = $positions;
            if ($schedule->plan->timing->mode->stops()) {
                $columns["move:{$axisId}"] = $schedule->moves->axisMoveSeconds[$axisId];
            }
        }

        return $columns;
    }

    /**
     * @return array<string, list<float>>
     */
    private static function poses(Schedule $schedule): array
    {
        $columns = [];
        foreach (Poses::columns($schedule) as $name => $values) {
            $columns["pose:{$name}"] = $values;
        }

        return $columns;
    }

    /**
     * @template T
     *
     * @param list<T> $column
     *
     * @return list<T>|T
     */
    private static function single(array $column): mixed
    {
        foreach ($column as $value) {
            if ($value !== $column[0]) {
                return $column;
            }
        }

        return $column[0];
    }
}
