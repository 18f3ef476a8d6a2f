<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What follows from an edit: the figure that gives way, the photos that a step asks for or the way that it makes, and the end of a shot
 * that goes on until something ends it.
 */
final readonly class Settling
{
    /** A shot whose battery the count of its photos overruns by a few is counted once more. */
    private const MOST_RECOUNTS = 3;

    private function __construct(public Plan $plan, public Pins $pins)
    {
    }

    /**
     * @param Plan $before as it stood before the edit
     * @param Plan $plan   as the edit left it
     * @param Pins $pins   what holds, as the edit left it
     * @param bool $isStepNew whether the step was given with the edit
     *
     * @throws InvalidInput
     */
    public static function of(Plan $before, Plan $plan, Pins $pins, bool $isStepNew): self
    {
        $pins = self::noted($before, $plan, $pins);
        if (!$plan->timing->mode->hasClock()) {
            $pins = $pins->following(Figure::Shooting)->fastest(false);
        } elseif ($pins->isFastest && $pins->follows !== Figure::Interval) {
            $plan = Fastest::of($plan);
        }
        $step = $pins->step !== null && $plan->rig->axis($pins->step->axisId) !== null ? $pins->step : null;
        if ($step !== null && ($isStepNew || self::wayChanged($before, $plan, $step))) {
            [$plan, $pins] = self::counted($plan, $pins, $step);
        }
        $solved = HeldFigures::solve($plan, $pins->follows, $pins->photos, $pins->clipSeconds, $pins->shootingSeconds)->plan;
        if ($solved->end !== null) {
            $solved = self::untilItEnds($solved, $pins);
            $pins = $pins->following(Figure::Shooting)->withPhotos($solved->photosTotal());
        } elseif ($step !== null && !$step->isMet($solved)) {
            $solved = $step->laidOut($solved);
        }

        return new self($solved, $pins);
    }

    /**
     * The shot as it was before something else ended it, where its photos do so again.
     *
     * @return array{Plan, Pins}
     */
    public static function closed(Plan $before, Plan $plan, Pins $pins): array
    {
        if ($before->end === null || $plan->end !== null || $pins->closed === null) {
            return [$plan, $pins];
        }
        $closed = $pins->closed->pins();
        // An interval that was typed in between is meant.
        $isSpaced = $pins->isTyped(Figure::Interval) && !$closed->isTyped(Figure::Interval) && !$closed->isPinned(Figure::Interval);

        return [$pins->closed->restored($plan), $isSpaced ? $closed->given([Figure::Interval]) : $closed];
    }

    /** Where something else than its photos ends the shot from now on, it is noted as it was. */
    private static function noted(Plan $before, Plan $plan, Pins $pins): Pins
    {
        return match (true) {
            $plan->end === null => $pins->closed === null ? $pins : $pins->withClosed(null),
            $before->end === null => $pins->withClosed(ClosedEnd::of($plan, $pins)),
            // Moved otherwise meanwhile, it is another move that ends.
            self::positions($plan) !== self::positions($before) => $pins->withClosed(null),
            default => $pins,
        };
    }

    /**
     * @return list<array<string, float>>
     */
    private static function positions(Plan $plan): array
    {
        return array_map(static fn (Keyframe $keyframe): array => $keyframe->positions, $plan->move->keyframes);
    }

    private static function wayChanged(Plan $before, Plan $plan, HeldStep $step): bool
    {
        return $before->rig->axis($step->axisId) !== null
            && abs(HeldStep::way($before, $step->axisId) - HeldStep::way($plan, $step->axisId)) > 1e-9
            && $before->timing->photos === $plan->timing->photos;
    }

    /**
     * @return array{Plan, Pins}
     *
     * @throws InvalidInput by /held/step_<axis>
     */
    private static function counted(Plan $plan, Pins $pins, HeldStep $step): array
    {
        try {
            $plan = $step->counted($plan);
        } catch (InvalidInput $invalid) {
            throw new InvalidInput([new Problem("/held/step_{$step->axisId}", $invalid->problems[0]->message)]);
        }

        return [$plan, $pins->given([Figure::Photos])->withPhotos($plan->photosTotal())];
    }

    /** As many photos as there is room for; each axis keeps its step. */
    private static function untilItEnds(Plan $plan, Pins $pins): Plan
    {
        $photos = Limits::photos(Shot::of($plan));
        for ($count = 0; $count < self::MOST_RECOUNTS; $count++) {
            $ended = self::goesOnFor($plan, $photos, $pins->step);
            $lasts = self::lasts($ended, $photos);
            if ($lasts >= $photos) {
                return $ended;
            }
            $photos = max(2, $lasts);
        }

        return self::goesOnFor($plan, $photos, $pins->step);
    }

    /** How many photos of so many the batteries last. */
    private static function lasts(Plan $plan, int $photos): int
    {
        $drain = Shot::of($plan)->drain();

        return min($photos, ($drain?->camera->diesAtPhoto ?? PHP_INT_MAX) - 1, ($drain?->rig->diesAtPhoto ?? PHP_INT_MAX) - 1);
    }

    private static function goesOnFor(Plan $plan, int $photosTotal, ?HeldStep $step): Plan
    {
        $standing = $plan->photosTotal() - $plan->timing->photos;
        $travelling = max(2, $photosTotal - $standing);
        $longer = $plan->withTiming($plan->timing->withPhotos($travelling));

        return $step !== null && $plan->rig->axis($step->axisId) !== null
            ? $step->laidOut($longer)
            : HeldStep::stretched($longer, ($longer->oneWayPhotos() - 1) / ($plan->oneWayPhotos() - 1));
    }
}
