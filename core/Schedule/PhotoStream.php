<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Motor;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Timing\IntervalMeaning;

/**
 * The frame schedule one photo at a time, in memory that does not grow with the shot: for files of any length. It gives
 * what `Schedule` gives, from the same parts.
 */
final class PhotoStream
{
    /**
     * @return iterable<Photo>
     */
    public static function of(Plan $plan): iterable
    {
        $total = $plan->photosTotal();
        $clockwork = new Clockwork($plan->timing->mode, $plan->rig, $plan->camera, !$plan->trigger->isCamera());
        $sets = new CameraSets($plan);
        $order = PhotoOrder::walk($plan);
        $openings = $plan->openings();
        $first = $openings === null ? null : $plan->firstTrigger()?->unixSeconds;
        $motors = null;
        $n = 0;
        $index = 0;
        $phase = Phase::Move;
        $positions = $steps = [];
        foreach (self::withEnd($order) as $nextIndex => $nextPhase) {
            if ($motors === null) {
                // The first turn of the loop only looks at the first photo.
                [$index, $phase] = [$nextIndex, $nextPhase ?? Phase::Move];
                $positions = $plan->path->positionsAt($index);
                $steps = self::steps($plan, $positions);
                $motors = [];
                foreach ($plan->rig->axes as $axis) {
                    $motors[$axis->id] = new Motor($axis, $steps[$axis->id]);
                }
                continue;
            }
            $last = $nextPhase === null;
            $exposure = $plan->timing->exposure->at($n, $total);
            $interval = $plan->timing->interval->at($n, $total) + ($plan->timing->intervalMeans === IntervalMeaning::Gap ? $exposure : 0.0);
            $trigger = $clockwork->trigger;
            $late = $clockwork->late();
            $untilNext = $openings === null || $first === null || $last ? $interval : $openings->interval($first + $trigger - $late, $interval);
            $clockwork->expose($exposure);
            $nextPositions = $last || $nextIndex === $index ? $positions : $plan->path->positionsAt($nextIndex);
            $nextSteps = $nextPositions === $positions ? $steps : self::steps($plan, $nextPositions);
            $moveSeconds = 0.0;
            $moved = [];
            foreach ($motors as $axisId => $motor) {
                $moved[$axisId] = $nextSteps[$axisId] - $steps[$axisId];
                $moveSeconds = max($moveSeconds, $motor->turnTo($nextSteps[$axisId]));
            }
            if (!$last) {
                $set = $sets->isNone() ? 0.0 : $sets->secondsAfter($n, $exposure, $plan->timing->exposure->at($n + 1, $total));
                $clockwork->goOn($untilNext, $moveSeconds, $set);
            }
            if (!$plan->timing->mode->hasClock()) {
                $interval = $last ? 0.0 : $clockwork->required;
            }
            yield new Photo(
                number: $n + 1,
                phase: $phase,
                triggerSeconds: $trigger,
                openSeconds: $trigger + $plan->camera->shutterLagSeconds,
                exposureSeconds: $exposure,
                closeSeconds: $clockwork->close,
                intervalSeconds: $interval,
                lateSeconds: $late,
                writeEndSeconds: $clockwork->writeEnd,
                positions: $positions,
                motorPositionSteps: $steps,
                motorSteps: $moved,
                moveSeconds: $moveSeconds,
                travelWhileOpen: Creep::whileOpen($plan, $index, $last ? $index : $nextIndex, $clockwork->trigger - $trigger, $exposure),
                requiredSeconds: $last ? null : $clockwork->required,
                slackSeconds: $last ? null : $clockwork->slack,
                iso: $plan->light?->isoAt($n),
            );
            [$index, $phase, $positions, $steps] = [$nextIndex, $nextPhase ?? $phase, $nextPositions, $nextSteps];
            $n++;
        }
    }

    /**
     * @param iterable<int, Phase> $order
     *
     * @return iterable<int, ?Phase> the same, and a null after the last
     */
    private static function withEnd(iterable $order): iterable
    {
        yield from $order;
        yield 0 => null;
    }

    /**
     * @param array<string, float> $positions
     *
     * @return array<string, int>
     */
    private static function steps(Plan $plan, array $positions): array
    {
        $steps = [];
        foreach ($plan->rig->axes as $axis) {
            $steps[$axis->id] = $axis->motorPositionSteps($positions[$axis->id]);
        }

        return $steps;
    }
}
