<?php

declare(strict_types=1);

namespace Evrent\Core\Drawings;

use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;

/**
 * What fills each photo's interval, and where the rig stands, as starts and lengths that can be drawn to scale as they are.
 * Times are seconds from the photo's own trigger.
 *
 * Kept for a page that is drawn again after every keystroke: whole numbers of ten-thousandths, which are written and read in
 * a fraction of the time that decimals take, and a single number where a quantity is the same for every photo.
 */
final class IntervalColumns
{
    /** Ten-thousandths: a tenth of a millisecond, a tenth of a micrometre, less than a motor step. */
    public const SCALE = 10_000;

    /**
     * Quantities by name: trigger (from the first), interval, required (null on the last), span (until the next trigger or the
     * end of writing, whichever is later), lag, exposure, dark_start and dark (noise reduction), write_start and write,
     * move_start and move, settle, position:<axis> (mm or degrees), move:<axis> (seconds of the
     * move after the photo), pose:<x, yaw, pitch, roll> (metres and degrees, for the finder).
     *
     * @return array<string, list<int|null>|int> by quantity, × SCALE
     */
    public static function of(Schedule $schedule): array
    {
        $columns = self::times($schedule) + self::perAxis($schedule);
        foreach (Poses::columns($schedule) as $name => $values) {
            $axisId = array_search($values, $schedule->moves->positions, true);
            $columns["pose:{$name}"] = $axisId === false ? self::packed($values) : $columns["position:{$axisId}"];
        }

        return $columns;
    }

    /**
     * @return array<string, list<int|null>|int>
     */
    private static function times(Schedule $schedule): array
    {
        $camera = $schedule->plan->camera;
        $rig = $schedule->plan->rig;
        $timeline = $schedule->timeline;
        $stops = $schedule->plan->timing->mode->stops();
        $closes = $darks = $writeStarts = $spans = $moveStarts = $settles = [];
        foreach ($schedule->exposureSeconds as $n => $exposure) {
            $trigger = $timeline->triggerSeconds[$n];
            $close = $camera->shutterLagSeconds + $exposure;
            $closes[] = $close;
            $darks[] = $camera->shutterBusySeconds($exposure) - $exposure;
            $writeStarts[] = $timeline->writeStartSeconds[$n] - $trigger;
            // A pause for the night is drawn as nothing: to scale it would leave no room for the photos.
            $next = $trigger + max($schedule->intervalSeconds[$n], $timeline->requiredSeconds[$n] ?? 0.0);
            $spans[] = max($next, $timeline->writeEndSeconds[$n]) - $trigger;
            $move = $stops ? $schedule->moves->moveSeconds[$n] : 0.0;
            $moveStarts[] = $close + $rig->postExposureDelaySeconds;
            $settles[] = $move > 0.0 ? $rig->settleSeconds : 0.0;
        }

        return [
            'trigger' => self::packed($timeline->triggerSeconds),
            'interval' => self::packed($schedule->intervalSeconds),
            'required' => self::packed($timeline->requiredSeconds),
            'span' => self::packed($spans),
            'lag' => self::whole($camera->shutterLagSeconds),
            'exposure' => self::packed($schedule->exposureSeconds),
            'dark_start' => self::packed($closes),
            'dark' => self::packed($darks),
            'write_start' => self::packed($writeStarts),
            'write' => self::whole($camera->writeSeconds),
            'move_start' => self::packed($moveStarts),
            'move' => $stops ? self::packed($schedule->moves->moveSeconds) : 0,
            'settle' => self::packed($settles),
        ];
    }

    /**
     * @return array<string, list<int|null>|int>
     */
    private static function perAxis(Schedule $schedule): array
    {
        $columns = [];
        foreach ($schedule->moves->positions as $axisId => $positions) {
            $columns["position:{$axisId}"] = self::packed($positions);
            if ($schedule->plan->timing->mode->stops()) {
                $columns["move:{$axisId}"] = self::packed($schedule->moves->axisMoveSeconds[$axisId]);
            }
        }

        return $columns;
    }

    /**
     * @param list<?float> $values
     *
     * @return list<int|null>|int
     */
    private static function packed(array $values): array|int
    {
        $first = $values[0] ?? null;
        // The last first: what changes has mostly changed by then, and what does not is compared in one go.
        if ($first !== null && $first === $values[count($values) - 1] && $values === array_fill(0, count($values), $first)) {
            return self::whole($first);
        }

        return Packed::column($values, self::SCALE);
    }

    private static function whole(float $value): int
    {
        return (int) round($value * self::SCALE);
    }
}
