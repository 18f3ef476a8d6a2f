<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Schedule\CameraSets;
use Evrent\Core\Schedule\Schedule;

/**
 * Runs a schedule photo by photo on a rig and a camera, as a controller does: trigger, let the camera expose, move
 * (or creep on), wait for whoever is not ready, trigger again. It knows the plan's intervals but not how long rig and
 * camera will take: that is what a run finds out.
 */
final class Sequencer
{
    /**
     * @return iterable<PhotoTaken> fewer than planned when the timer stops
     */
    public static function run(Schedule $schedule, Timer $timer, RigDriver $rig, CameraDriver $camera): iterable
    {
        $stops = $schedule->plan->timing->mode->stops();
        $hasClock = $schedule->plan->timing->mode->hasClock();
        $photos = $schedule->photosTotal();
        $sets = CameraSets::column($schedule->plan, $schedule->exposureSeconds);
        // Intervals count from when a trigger was due, not from when it came, so that small delays do not add up.
        $due = 0.0;
        for ($n = 0; $n < $photos; $n++) {
            $trigger = $timer->fireAt($due);
            if ($trigger === null) {
                return;
            }
            // After a pause the sequence goes on from where it stood, instead of catching up in a burst.
            $due = $trigger - $due > RunLog::NOTICEABLE_SECONDS ? $trigger : $due;
            $exposed = $camera->trigger($trigger, $schedule->exposureSeconds[$n]);
            yield new PhotoTaken(
                $n + 1,
                $trigger,
                // Without a clock nothing is late.
                $hasClock ? $trigger - $schedule->timeline->askedTriggerSeconds($n) : 0.0,
                $exposed,
                $rig->motorPositionSteps(),
                $n + 1,
            );
            if ($n === $photos - 1) {
                return;
            }
            // A controller hears nothing from the camera: it moves when the exposure should be over, photo or none.
            $closed = $exposed->closeSeconds ?? $trigger + $schedule->plan->camera->shutterLagSeconds + $schedule->exposureSeconds[$n];
            $target = array_map(static fn (array $column): int => $column[$n + 1], $schedule->moves->motorPositionSteps);
            $due = max($due + $schedule->untilNextSeconds($n), $camera->readyAtSeconds());
            if (($sets[$n] ?? 0.0) > 0.0) {
                // The camera is set when it exposes no more, beside the move.
                $dark = $schedule->plan->camera->shutterBusySeconds($schedule->exposureSeconds[$n]) - $schedule->exposureSeconds[$n];
                $due = max($due, $closed + max($dark, $stops ? $schedule->plan->rig->postExposureDelaySeconds : 0.0) + $sets[$n]);
            }
            $due = $stops
                ? max($due, $rig->moveTo($target, $closed + $schedule->plan->rig->postExposureDelaySeconds))
                : $rig->creepTo($target, $trigger, $due);
        }
    }
}
