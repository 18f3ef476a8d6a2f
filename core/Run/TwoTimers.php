<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;

/**
 * Runs a schedule on a rig by its controller's timer, and a camera by a timer of its own. Neither waits for the other: the
 * shutter sees wherever the rig happens to be. Times are seconds from the rig's first planned trigger.
 */
final class TwoTimers
{
    /**
     * @return iterable<PhotoTaken> the camera's photos; fewer than programmed when its timer stops
     */
    public static function run(Schedule $schedule, CameraTimer $planned, Timer $rigTimer, Timer $cameraTimer, RigDriver $rig, CameraDriver $camera): iterable
    {
        [$places, $restless] = self::moveRig($schedule, $rigTimer, $rig);
        $due = $planned->startsSeconds;
        $place = $span = $asked = 0;
        $last = $schedule->photosTotal() - 1;
        foreach ($planned->intervalSeconds as $k => $interval) {
            $fires = $cameraTimer->fireAt($due);
            if ($fires === null) {
                return;
            }
            $exposed = $camera->trigger($fires, $schedule->exposureSeconds[min($k, $schedule->photosTotal() - 1)]);
            $opens = $exposed->openSeconds ?? $fires;
            while (isset($places[$place + 1]) && $places[$place + 1][0] <= $opens) {
                $place++;
            }
            while ($asked < $last && $schedule->timeline->askedTriggerSeconds($asked + 1) <= $opens - RunLog::NOTICEABLE_SECONDS) {
                $asked++;
            }
            while (isset($restless[$span]) && $restless[$span][1] <= $opens) {
                $span++;
            }
            yield new PhotoTaken(
                $k + 1,
                $fires,
                $fires - $planned->startsSeconds - $planned->timeline->askedTriggerSeconds($k),
                $exposed,
                $places[$place][1],
                $place + 1,
                $exposed !== null && isset($restless[$span]) && $restless[$span][0] < $exposed->closeSeconds,
                $asked > $place || $places[$place][0] - $schedule->timeline->askedTriggerSeconds($place) > RunLog::NOTICEABLE_SECONDS,
            );
            $due = max($due + $interval, $camera->readyAtSeconds());
        }
    }

    /**
     * @return array{list<array{float, array<string, int>}>, list<array{float, float}>} for each planned photo since when the
     *               rig stands at its place and where its motors are; and from when until when it moves or settles
     */
    private static function moveRig(Schedule $schedule, Timer $timer, RigDriver $rig): array
    {
        $plan = $schedule->plan;
        $places = [[-INF, $rig->motorPositionSteps()]];
        $restless = [];
        $due = 0.0;
        for ($n = 0; $n < $schedule->photosTotal() - 1; $n++) {
            $trigger = $timer->fireAt($due);
            if ($trigger === null) {
                break;
            }
            $due = $trigger - $due > RunLog::NOTICEABLE_SECONDS ? $trigger : $due;
            $target = array_map(static fn (array $column): int => $column[$n + 1], $schedule->moves->motorPositionSteps);
            $next = $due + $schedule->untilNextSeconds($n);
            $starts = $trigger + $plan->camera->shutterLagSeconds + $schedule->exposureSeconds[$n] + $plan->rig->postExposureDelaySeconds;
            $arrives = $plan->timing->mode->stops() ? $rig->moveTo($target, $starts) : $rig->creepTo($target, $trigger, $next);
            if ($plan->timing->mode->stops() && $arrives > $starts) {
                $restless[] = [$starts, $arrives];
            }
            $places[] = [$arrives, $rig->motorPositionSteps()];
            $due = max($next, $arrives);
        }

        return [$places, $restless];
    }
}
