<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Closure;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;

/**
 * T20: the motor's own steps show: one moves the picture by more than half a pixel of the clip, the planned step is
 * smaller than one, or a ramp begins and ends with photos between which the motor does not turn.
 */
final class StepBelowMotor implements Check
{
    /** Standing still for less of the clip than this at the foot of a ramp is part of any soft start: a blink or two. */
    private const STILL_CLIP_SECONDS = 0.75;

    /** Shares of the ramp to try, the longest first. */
    private const SHORTER_RAMPS = [0.75, 0.5, 0.25, 0.1, 0.0];

    public function find(Shot $shot): ?Finding
    {
        foreach ($shot->plan->rig->axes as $axis) {
            $finding = self::coarse($shot, $axis) ?? self::tooFine($shot, $axis) ?? self::standing($shot, $axis);
            if ($finding !== null) {
                return $finding;
            }
        }

        return null;
    }

    private static function coarse(Shot $shot, Axis $axis): ?Finding
    {
        $motion = $shot->motion();
        if ($motion === null || $shot->schedule->summary->largestStep[$axis->id] === 0.0) {
            return null;
        }
        $pixels = $motion->picture->shift($axis->role, 1.0 / $axis->stepsPerUnit, 0.0, $motion->picture->optics->foregroundMetres);
        if ($pixels <= $shot->plan->thresholds->motorStepPixels) {
            return null;
        }

        return self::finding(
            $shot,
            $axis,
            new Message('checks.step_below_motor.coarse', ['pixels' => Quantity::rounded($pixels, 2)]),
            new Message('checks.step_below_motor.coarse_sentence', ['axis' => $axis->label(), 'pixels' => Quantity::rounded($pixels, 2)]),
        );
    }

    private static function tooFine(Shot $shot, Axis $axis): ?Finding
    {
        $steps = $shot->schedule->summary->largestStep[$axis->id] * $axis->stepsPerUnit;
        if ($steps === 0.0 || $steps >= 1.0) {
            return null;
        }

        return self::finding(
            $shot,
            $axis,
            new Message('checks.step_below_motor.fine', ['steps' => Quantity::rounded($steps, 2)]),
            new Message('checks.step_below_motor.fine_sentence', ['axis' => $axis->label(), 'steps' => Quantity::rounded($steps, 2)]),
            static fn (): array => array_filter([self::fewerPhotos($shot, $steps)]),
        );
    }

    /** The same way in so few photos that the motor turns for each. */
    private static function fewerPhotos(Shot $shot, float $steps): ?Remedy
    {
        $moves = (int) floor(($shot->plan->oneWayPhotos() - 1) * $steps);
        if ($moves < 1) {
            return null;
        }
        try {
            $fewer = $shot->plan->withPhotosOneWay($moves + 1);
        } catch (InvalidInput) {
            return null;
        }

        return new Remedy('photos', new Message('fixes.spread', ['photos' => Quantity::photos($moves + 1)]), '', $fewer);
    }

    /**
     * @param ?Closure(): list<Remedy> $mending
     */
    private static function finding(Shot $shot, Axis $axis, Message $shortfall, Message $sentence, ?Closure $mending = null): Finding
    {
        $moving = array_keys(array_filter($shot->schedule->moves->motorSteps[$axis->id], static fn (int $steps): bool => $steps !== 0));

        return new Finding(
            FindingId::StepBelowMotor,
            new Message('checks.step_below_motor.title', ['axis' => $axis->label()]),
            $shortfall,
            $sentence,
            ($moving[0] ?? 0) + 1,
            count($moving),
            $mending,
        );
    }

    /**
     * Where the picture is known and motor steps are too fine to be seen in it, so is standing between them.
     */
    private static function standing(Shot $shot, Axis $axis): ?Finding
    {
        $still = $shot->motion() === null ? self::stillPhotos($shot, $axis) : [];
        if (!self::tooMany($shot->plan, intdiv(count($still), count($shot->plan->path->ways())))) {
            return null;
        }
        return (new Finding(
            FindingId::StepBelowMotor,
            new Message('checks.step_below_motor.still', ['axis' => $axis->label()]),
            new Message('checks.step_below_motor.still_shortfall', ['photos' => Quantity::photos(count($still))]),
            new Message('checks.step_below_motor.still_sentence', [
                'axis' => $axis->label(),
                'photos' => Quantity::photos(count($still)),
            ]),
            $still[0] + 1,
            count($still),
            static fn (): array => array_filter([self::shorterRamps($shot)]),
        ))->withSeverity(Severity::Info);
    }

    /**
     * @return list<int> photos, from 0, after which the axis should move but its motor does not turn
     */
    private static function stillPhotos(Shot $shot, Axis $axis): array
    {
        $positions = $shot->schedule->moves->positions[$axis->id];
        $still = [];
        foreach ($shot->schedule->moves->motorSteps[$axis->id] as $n => $steps) {
            if ($steps === 0 && ($positions[$n + 1] ?? $positions[$n]) !== $positions[$n]) {
                $still[] = $n;
            }
        }

        return $still;
    }

    /** Looks at the moves alone: a whole schedule for each try would take long. */
    private static function stillShows(Plan $plan): bool
    {
        $axes = $plan->rig->axes;
        $before = $stood = [];
        $still = array_fill_keys($plan->rig->axisIds(), 0);
        foreach ($plan->path->legs as $leg) {
            for ($index = $leg->fromIndex; $index <= $leg->toIndex; $index++) {
                $covered = $leg->covered($index);
                foreach ($axes as $axis) {
                    $position = $leg->position($axis->id, $covered);
                    $stands = $axis->motorPositionSteps($position);
                    $isStill = $stands === ($stood[$axis->id] ?? null) && $position !== $before[$axis->id];
                    if ($isStill && self::tooMany($plan, ++$still[$axis->id])) {
                        return true;
                    }
                    [$before[$axis->id], $stood[$axis->id]] = [$position, $stands];
                }
            }
        }

        return false;
    }

    private static function tooMany(Plan $plan, int $still): bool
    {
        // A ramp has a foot at each end of each run.
        return $still > 2 * count($plan->path->legs) * self::STILL_CLIP_SECONDS * $plan->timing->framesPerSecond;
    }

    private static function shorterRamps(Shot $shot): ?Remedy
    {
        // Where it stands between steps even without ramps, it does with any.
        if (self::stillShows(self::withRamps($shot->plan, 0.0))) {
            return null;
        }
        foreach (self::SHORTER_RAMPS as $share) {
            $shorter = self::withRamps($shot->plan, $share);
            if (self::stillShows($shorter)) {
                continue;
            }
            $mended = Shot::of($shorter);
            if ($mended->schedule->summary->fits() || !$shot->schedule->summary->fits()) {
                return new Remedy(
                    'ramp',
                    $share === 0.0 ? new Message('checks.step_below_motor.no_ramps') : new Message(
                        'checks.step_below_motor.shorter_ramps',
                        ['share' => Quantity::rounded($share * 100.0, 0)],
                    ),
                    new Message('checks.step_below_motor.harder'),
                    $mended->plan,
                );
            }
        }

        return null;
    }

    private static function withRamps(Plan $plan, float $share): Plan
    {
        return $plan->withMove($plan->move->withEasings(
            static fn (Easing $easing): Easing => new Easing($easing->rampIn * $share, $easing->rampOut * $share, $easing->shape),
        ));
    }
}
