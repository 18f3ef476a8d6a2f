<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\CameraSets;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Shot\Shot;

/**
 * T2: the interval is shorter than exposure and card writing, so that the buffer fills after so many photos; or than exposure and setting the camera.
 */
final class IntervalTooShortForCamera implements Check
{
    public function find(Shot $shot): ?Finding
    {
        $timer = CameraTimer::of($shot->schedule);
        $needed = ($timer->timeline ?? $shot->schedule->timeline)->cameraSeconds;
        $intervals = $timer->intervalSeconds ?? $shot->schedule->intervalSeconds;
        $over = Timeline::overrunning($needed, $intervals);
        if ($over === []) {
            return null;
        }
        $first = $over[0];
        $camera = $shot->plan->camera;
        $exposure = $shot->schedule->exposureSeconds[min($first, $shot->schedule->photosTotal() - 1)];
        $interval = Quantity::seconds($intervals[$first]);
        $shutter = $camera->shutterLagSeconds + $camera->shutterBusySeconds($exposure);
        $waitsForShutter = $shutter - $intervals[$first] > Timeline::TOLERANCE_SECONDS;
        $set = $timer === null ? CameraSets::column($shot->plan, $shot->schedule->exposureSeconds)[$first] ?? 0.0 : 0.0;
        $isSet = $set > 0.0 && ($needed[$first] ?? 0.0) - $shutter - $set < $shot->plan->rig->postExposureDelaySeconds + Timeline::TOLERANCE_SECONDS;

        return (new Finding(
            FindingId::IntervalTooShortForCamera,
            match (true) {
                $waitsForShutter => new Message('checks.interval_too_short_for_camera.shutter'),
                $isSet => new Message('checks.interval_too_short_for_camera.set'),
                default => new Message('checks.interval_too_short_for_camera.write'),
            },
            new Message('checks.interval_too_short_for_camera.short', [
                'x' => Quantity::seconds(max(array_map(
                    static fn (int $n): float => ($needed[$n] ?? 0.0) - $intervals[$n],
                    $over,
                ))),
            ]),
            match (true) {
                $waitsForShutter => new Message('checks.interval_too_short_for_camera.shutter_sentence', [
                    'first' => $first + 1,
                    'shutter' => Quantity::seconds($shutter),
                    'interval' => $interval,
                ]),
                $isSet => new Message('checks.interval_too_short_for_camera.set_sentence', [
                    'first' => $first + 1,
                    'set' => Quantity::seconds($set),
                    'needed' => Quantity::seconds($needed[$first] ?? 0.0),
                    'interval' => $interval,
                ]),
                default => new Message('checks.interval_too_short_for_camera.write_sentence', [
                    'photos' => Quantity::photos($camera->bufferFrames),
                    'writeSeconds' => Quantity::seconds($camera->writeSeconds),
                    'first' => $first + 1,
                    'interval' => $interval,
                ]),
            },
            $first + 1,
            count($over),
            static fn (): array => $timer === null ? Mending::onTime($shot) : self::bothInStep($shot),
        ))->withSeverity($timer === null && $shot->schedule->summary->lateSeconds <= EverydayNoise::NOTICEABLE_SECONDS ? Severity::Warning : Severity::Error);
    }

    /**
     * The rig and the camera's own timer on one interval that both can keep.
     *
     * @return list<Remedy>
     */
    private static function bothInStep(Shot $shot): array
    {
        $trigger = $shot->plan->trigger;
        $inStep = Shot::of($shot->plan->withTrigger($trigger->withCameraTiming(null, $trigger->cameraStartsSeconds)));
        $passes = static function (Plan $plan) use ($inStep): bool {
            $timer = $inStep->schedule->wouldKeepTime($plan) ? CameraTimer::of(Schedule::of($plan)) : null;

            return $timer !== null && $timer->timeline->keepsTime();
        };

        return array_values(array_filter([Mending::longerInterval($inStep, $passes), Mending::shorterExposure($inStep, $passes)]));
    }
}
