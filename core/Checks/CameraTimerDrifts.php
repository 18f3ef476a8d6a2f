<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\CameraTimer;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\TriggeredBy;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;

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

    public static function about(): About
    {
        return new About(
            [Stage::Time],
            [...About::CYCLE],
            unmended: 'No start of the timer keeps it in step: let the rig fire the camera.',
        );
    }

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
            Severity::Stops,
            'The camera’s own timer takes photos while the rig moves',
            PlainText::photos(count($timer->spoiltPhotos)) . ' spoilt',
            sprintf(
                'Rig and camera know nothing of each other: from photo %d on the shutter is open while the rig moves or settles%s%s.',
                $first,
                $timer->extraPhotos > 0 ? sprintf(', and %s more would be needed to reach its last place', PlainText::photos($timer->extraPhotos)) : '',
                $short ? '; a run this short leaves no time to notice' : '',
            ),
            $first,
            count($timer->spoiltPhotos),
            static fn (): array => array_values(array_filter([self::inStep($shot), self::rigFires($shot)])),
        );
    }

    private static function endsEarly(Shot $shot, CameraTimer $timer): Finding
    {
        $photos = $shot->plan->photosProgrammed() + $timer->extraPhotos;
        $trigger = $shot->plan->trigger;

        return new Finding(
            FindingId::CameraTimerDrifts,
            Severity::Look,
            'The camera’s own timer is done before the rig',
            PlainText::photos($timer->extraPhotos) . ' too few',
            sprintf('The camera takes its last photo before the rig stands at its last place: programme %s.', PlainText::photos($photos)),
            null,
            0,
            static fn (): array => [
                new Remedy(
                    'photos',
                    sprintf('Programme %s in the camera', PlainText::photos($photos)),
                    'what is over goes in the edit',
                    $shot->plan->withTrigger($trigger->withCounts($photos, $trigger->countLimit)),
                ),
                self::rigFires($shot),
            ],
        );
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

        return new Finding(
            FindingId::CameraTimerDrifts,
            Severity::Know,
            'The camera’s timer goes on after the last photo needed',
            PlainText::photos($over) . ' too many',
            sprintf(
                'It is set to %s where %s are needed: %s more%s, and nobody can pack up meanwhile.',
                PlainText::photos($set),
                number_format($needed),
                PlainText::duration($over * $interval),
                $megabytes > 0.0 ? sprintf(' and %s GB', PlainText::rounded($over * $megabytes / 1_000.0, 1)) : '',
            ),
            $needed + 1,
            $over,
            static fn (): array => [new Remedy(
                'photos',
                sprintf('Programme %s in the camera', PlainText::photos($needed)),
                '',
                $plan->withTrigger($plan->trigger->withCounts($needed, $plan->trigger->countLimit)),
            )],
        );
    }

    private static function rigFires(Shot $shot): Remedy
    {
        return new Remedy(
            'rig',
            'Let the rig fire the camera',
            'takes a trigger cable',
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
        $interval = $timing->interval->isConstant() ? PlainText::number($timing->interval->longest()) . ' s' : 'the rig’s own intervals';

        return new Remedy(
            'in_step',
            sprintf(
                'Set its timer to %s and start it %s',
                $interval,
                abs($starts) < self::START_RESOLUTION_SECONDS / 2.0
                    ? 'with the rig'
                    : PlainText::seconds(abs($starts)) . ($starts < 0.0 ? ' before the rig' : ' after the rig'),
            ),
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
