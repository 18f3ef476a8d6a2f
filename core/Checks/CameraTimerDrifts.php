<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\InvalidInput;

/**
 * T7: the camera's own timer runs away from the rig, and takes photos while it moves or misses its last places.
 */
final class CameraTimerDrifts implements Check
{
    /** In so short a run there is no time to notice and to start again. */
    private const SHORT_RUN_SECONDS = 300.0;

    /** A few over are a margin that people leave. */
    private const FEW_PHOTOS = 12;
    private const FEW_SHARE = 0.05;

    /** Starting a timer by hand is no more exact than this. */
    private const START_RESOLUTION_SECONDS = 0.1;

    public function find(Shot $shot): ?Finding
    {
        $timer = CameraTimer::of($shot->schedule);
        if ($timer === null) {
            return null;
        }
        if ($timer->spoiltPhotos === [] && $timer->extraPhotos === 0) {
            return self::goesOn($shot);
        }

        return $timer->spoiltPhotos === [] ? self::endsEarly($shot, $timer) : self::spoils($shot, $timer);
    }

    private static function spoils(Shot $shot, CameraTimer $timer): Finding
    {
        $first = $timer->spoiltPhotos[0];
        $short = $shot->schedule->summary->runSeconds < self::SHORT_RUN_SECONDS;

        return new Finding(
            FindingId::CameraTimerDrifts,
            new Message('checks.camera_timer_drifts.spoils'),
            new Message('checks.camera_timer_drifts.spoilt', ['photos' => Quantity::photos(count($timer->spoiltPhotos))]),
            new Message('checks.camera_timer_drifts.spoils_sentence', [
                'first' => $first,
                'part' => $timer->extraPhotos > 0 ? new Message(
                    'checks.camera_timer_drifts.more_needed',
                    ['photos' => Quantity::photos($timer->extraPhotos)],
                ) : '',
                'part2' => $short ? new Message('checks.camera_timer_drifts.short_run') : '',
            ]),
            $first,
            count($timer->spoiltPhotos),
            static fn (): array => array_values(array_filter([self::inStep($shot), self::rigFires($shot)])),
        );
    }

    private static function endsEarly(Shot $shot, CameraTimer $timer): Finding
    {
        $photos = $shot->plan->photosProgrammed() + $timer->extraPhotos;
        $trigger = $shot->plan->trigger;

        return (new Finding(
            FindingId::CameraTimerDrifts,
            new Message('checks.camera_timer_drifts.ends_early'),
            new Message('checks.camera_timer_drifts.too_few', ['photos' => Quantity::photos($timer->extraPhotos)]),
            new Message('checks.camera_timer_drifts.ends_sentence', ['photos' => Quantity::photos($photos)]),
            null,
            0,
            static fn (): array => [
                new Remedy(
                    'photos',
                    new Message('checks.camera_timer_drifts.set_photos', ['photos' => Quantity::photos($photos)]),
                    new Message('checks.camera_timer_drifts.trim'),
                    $shot->plan->withTrigger($trigger->withCounts($photos, $trigger->countLimit)),
                ),
                self::rigFires($shot),
            ],
        ))->withSeverity(Severity::Warning);
    }

    /** Set to more photos than there is a move for, the timer goes on by itself. */
    private static function goesOn(Shot $shot): ?Finding
    {
        $plan = $shot->plan;
        $set = $plan->trigger->cameraPhotos;
        $enough = $plan->withTrigger($plan->trigger->withCounts(null, $plan->trigger->countLimit));
        $needed = $shot->schedule->photosTotal() + (CameraTimer::of($shot->schedule->under($enough))->extraPhotos ?? 0);
        if ($set === null || $set - $needed <= max(self::FEW_PHOTOS, $needed * self::FEW_SHARE)) {
            return null;
        }
        $over = $set - $needed;
        $interval = $plan->trigger->cameraIntervalSeconds ?? $plan->timing->interval->longest();
        $megabytes = ($plan->storage->rawMegabytes ?? 0.0) + ($plan->storage->jpegMegabytes ?? 0.0);

        return (new Finding(
            FindingId::CameraTimerDrifts,
            new Message('checks.camera_timer_drifts.goes_on'),
            new Message('checks.camera_timer_drifts.too_many', ['photos' => Quantity::photos($over)]),
            new Message('checks.camera_timer_drifts.goes_on_sentence', [
                'photos' => Quantity::photos($set),
                'needed' => $needed,
                'over' => Quantity::duration($over * $interval),
                'part' => $megabytes > 0.0 ? new Message(
                    'checks.camera_timer_drifts.gigabytes',
                    ['over' => Quantity::rounded($over * $megabytes / 1_000.0, 1)],
                ) : '',
            ]),
            $needed + 1,
            $over,
            static fn (): array => [new Remedy(
                'photos',
                new Message('checks.camera_timer_drifts.set_photos', ['photos' => Quantity::photos($needed)]),
                '',
                $plan->withTrigger($plan->trigger->withCounts($needed, $plan->trigger->countLimit)),
            )],
        ))->withSeverity(Severity::Info);
    }

    private static function rigFires(Shot $shot): Remedy
    {
        return new Remedy(
            'rig',
            new Message('checks.camera_timer_drifts.rig_fires'),
            new Message('checks.camera_timer_drifts.needs_cable'),
            $shot->plan->withTrigger($shot->plan->trigger->by(TriggeredBy::Rig)),
        );
    }

    /**
     * The camera on the rig's own interval, started so that it strays as far to one side of the rig's rest as to the other.
     */
    private static function inStep(Shot $shot): ?Remedy
    {
        $plan = $shot->plan;
        $timing = $plan->timing;
        $strays = $shot->schedule->summary->bookedSeconds * $plan->trigger->driftPpm / 1e6;
        // Early, it may open as soon as the rig has settled: the slack and the shutter's lag before it opened in step.
        $early = $shot->schedule->summary->minSlackSeconds + $plan->camera->shutterLagSeconds;
        $middle = ($plan->rig->postExposureDelaySeconds - $early - $strays) / 2.0;
        $starts = round($middle / self::START_RESOLUTION_SECONDS) * self::START_RESOLUTION_SECONDS;
        $mended = self::withEnoughPhotos($shot, $plan->withTrigger($plan->trigger->withCameraTiming(null, round($starts, 9) + 0.0)));
        if ($mended === null) {
            return null;
        }
        $interval = $timing->interval->isConstant()
            ? new Message('units.seconds', ['number' => $timing->interval->longest()])
            : new Message('checks.camera_timer_drifts.rig_intervals');

        return new Remedy(
            'in_step',
            new Message('checks.camera_timer_drifts.in_step', [
                'interval' => $interval,
                'part' => abs($starts) < self::START_RESOLUTION_SECONDS / 2.0
                    ? new Message('checks.camera_timer_drifts.with_rig')
                    : new Message(
                        $starts < 0.0 ? 'checks.camera_timer_drifts.before_rig' : 'checks.camera_timer_drifts.after_rig',
                        ['by' => Quantity::seconds(abs($starts))],
                    ),
            ]),
            '',
            $mended,
        );
    }

    /** The plan when it spoils no photo, with as many programmed as the rig needs; null when it does. */
    private static function withEnoughPhotos(Shot $shot, Plan $plan): ?Plan
    {
        try {
            // The rig's own schedule does not hang on the camera's timer.
            $timer = CameraTimer::of($shot->schedule->under($plan));
            $photos = $plan->photosProgrammed() + ($timer->extraPhotos ?? 0);
            $enough = $plan->withTrigger($plan->trigger->withCounts($photos, $plan->trigger->countLimit));
        } catch (InvalidInput) {
            return null;
        }

        return CameraTimer::of($shot->schedule->under($enough))?->spoiltPhotos === [] ? $enough : null;
    }
}
