<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Timing\Mode;

/**
 * A camera that fires on its own timer, whatever the rig does, held against the rig's schedule.
 *
 * The timer fires every interval, made longer or shorter by its drift, and waits for nothing but the camera itself. A
 * photo is spoilt when its open shutter overlaps a move or its settling. A rig that creeps on without stopping spoils
 * nothing in this sense; what its motion smears is told apart.
 */
final readonly class CameraTimer
{
    /** Overlaps shorter than this are rounding of long sums of times. */
    private const TOLERANCE_SECONDS = 1e-6;

    /**
     * @param Timeline    $timeline        the camera's own: seconds from its first photo
     * @param list<float> $intervalSeconds between its photos, drift included, one for each photo
     * @param float       $startsSeconds   its first photo, from the rig's first trigger
     * @param list<int>   $spoiltPhotos    numbers of the camera's photos taken while the rig moves or settles, from 1
     * @param int         $extraPhotos     to programme beyond the plan's, so that its last standing place is photographed
     */
    private function __construct(
        public Timeline $timeline,
        public array $intervalSeconds,
        public float $startsSeconds,
        public array $spoiltPhotos,
        public int $extraPhotos,
    ) {
    }

    /** Null when the rig fires the camera. */
    public static function of(Schedule $schedule): ?self
    {
        $plan = $schedule->plan;
        $trigger = $plan->trigger;
        if (!$trigger->isCamera() || !$plan->timing->mode->hasClock()) {
            return null;
        }
        $photos = $trigger->cameraPhotos ?? $schedule->photosTotal();
        $intervals = $exposures = [];
        $stretch = 1.0 + $trigger->driftPpm / 1e6;
        $last = $schedule->photosTotal() - 1;
        for ($k = 0; $k < $photos; $k++) {
            $n = min($k, $last);
            $intervals[] = ($trigger->cameraIntervalSeconds ?? $schedule->intervalSeconds[$n]) * $stretch;
            $exposures[] = $schedule->exposureSeconds[$n];
        }
        // Creeping, a rig's chain is the shutter alone, which is all that the camera's timer waits for.
        $timeline = Timeline::compute(Mode::Continuous, $plan->rig, $plan->camera, $intervals, $exposures, array_fill(0, $photos, 0.0));

        return new self(
            $timeline,
            $intervals,
            $trigger->cameraStartsSeconds,
            self::spoilt($schedule, $timeline, $trigger->cameraStartsSeconds),
            self::extra($schedule, $timeline, $intervals[$photos - 1], $photos),
        );
    }

    /**
     * @return list<array{float, float}> when the rig moves or settles: from and until, in seconds from its first trigger
     */
    private static function restlessSpans(Schedule $schedule): array
    {
        $rig = $schedule->plan->rig;
        $spans = [];
        if ($schedule->plan->timing->mode !== Mode::ShootMoveShoot) {
            return $spans;
        }
        foreach ($schedule->moves->moveSeconds as $n => $seconds) {
            if ($seconds > 0.0) {
                $starts = $schedule->timeline->closeSeconds[$n] + $rig->postExposureDelaySeconds;
                $spans[] = [$starts, $starts + $seconds + $rig->settleSeconds];
            }
        }

        return $spans;
    }

    /**
     * @return list<int>
     */
    private static function spoilt(Schedule $schedule, Timeline $timeline, float $starts): array
    {
        $spans = self::restlessSpans($schedule);
        $spoilt = [];
        $s = 0;
        foreach ($timeline->triggerSeconds as $k => $trigger) {
            $opens = $starts + $trigger + $schedule->plan->camera->shutterLagSeconds;
            $closes = $starts + $timeline->closeSeconds[$k];
            while (isset($spans[$s]) && $spans[$s][1] <= $opens + self::TOLERANCE_SECONDS) {
                $s++;
            }
            if (isset($spans[$s]) && $spans[$s][0] < $closes - self::TOLERANCE_SECONDS) {
                $spoilt[] = $k + 1;
            }
        }

        return $spoilt;
    }

    /**
     * The camera has to go on until the rig stands at its last place.
     */
    private static function extra(Schedule $schedule, Timeline $timeline, float $lastInterval, int $photos): int
    {
        $lastPlace = $schedule->timeline->triggerSeconds[$schedule->photosTotal() - 1];
        $lastPhoto = $schedule->plan->trigger->cameraStartsSeconds + $timeline->triggerSeconds[$photos - 1];
        // In step with the rig but for the last photo's own milliseconds, it takes none more.
        $behind = $lastPlace - $lastPhoto - self::TOLERANCE_SECONDS;

        return $behind <= 0.0 ? 0 : (int) ceil($behind / $lastInterval);
    }
}
