<?php

declare(strict_types=1);

namespace Evrent\Core\Editing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Motion\Easing;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Start;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * What a take that ended early left: a plan of its photos from one on, on the same places and with the same intervals and exposures, so that its clip
 * follows on that of the first.
 *
 * The run that was cut keeps its shape by keyframes of its own, as many as it takes to stand within half a motor step of the first plan; the runs behind
 * it stay as they are.
 */
final class RestOfShot
{
    private const FEWEST = 2;

    /**
     * @param int    $from first photo of the rest
     * @param string $mark after its title
     *
     * @throws InvalidInput where there is no rest of two photos
     */
    public static function of(Schedule $schedule, int $from, string $mark = ''): Plan
    {
        $plan = GoingOnce::through($schedule->plan);
        $total = $plan->photosTotal();
        if ($from < 2 || $from > $total - self::FEWEST + 1) {
            throw new InvalidInput([new Problem('/from', new Message('editing.rest_of_shot.photo', ['total' => $total - self::FEWEST + 1]))]);
        }
        $rest = array_slice(self::travelIndices($plan), $from - 1);
        $share = ($from - 1) / ($total - 1);
        $timing = $plan->timing->withInterval($plan->timing->interval->after($share))->withExposure($plan->timing->exposure->after($share));
        $first = $rest[0];
        $standing = count(array_keys($rest, $first, true));
        $last = $plan->timing->photos - 1;
        if ($last - $first < self::FEWEST - 1) {
            // Nothing moves any more.
            [$timing, $move] = [$timing->withPhotos(count($rest), 0, 0), self::still($plan)];
        } else {
            $timing = $timing->withPhotos($last - $first + 1, $standing - 1);
            $move = self::move($plan, $first);
        }

        return $plan->with([
            'title' => mb_substr($plan->title, 0, Plan::MOST_TITLE_CHARACTERS - mb_strlen($mark)) . $mark,
            'timing' => $timing, 'move' => $move, 'end' => null, 'trigger' => $plan->trigger->with(['cameraPhotos' => null]),
            'start' => self::start($plan, $schedule, $from),
        ]);
    }

    /**
     * Where in the move each photo stands, from the first to the last.
     *
     * @return list<int>
     */
    private static function travelIndices(Plan $plan): array
    {
        $held = [];
        foreach ($plan->move->keyframes as $keyframe) {
            $held[$keyframe->travelIndex($plan->timing->photos)] = $keyframe->holdPhotos;
        }
        $indices = array_fill(0, $plan->timing->headPhotos, 0);
        for ($index = 0; $index < $plan->timing->photos; $index++) {
            array_push($indices, ...array_fill(0, 1 + ($held[$index] ?? 0), $index));
        }

        return [...$indices, ...array_fill(0, $plan->timing->tailPhotos, $plan->timing->photos - 1)];
    }

    private static function still(Plan $plan): Move
    {
        $ends = $plan->move->keyframes[count($plan->move->keyframes) - 1]->positions;

        return new Move([new Keyframe(0.0, $ends), new Keyframe(1.0, $ends)], new Easing());
    }

    /** @param int $first where in the move the rest begins */
    private static function move(Plan $plan, int $first): Move
    {
        $last = $plan->timing->photos - 1;
        $at = static fn (int $index): float => ($index - $first) / ($last - $first);
        $keyframes = $plan->move->keyframes;
        $begins = 0;
        foreach ($keyframes as $k => $keyframe) {
            $begins = $keyframe->travelIndex($plan->timing->photos) <= $first && !$keyframe->pass ? $k : $begins;
        }
        // Up to where the run that was cut comes to rest.
        $ends = $begins + 1;
        while ($keyframes[$ends]->pass) {
            $ends++;
        }
        $rest = [];
        if ($keyframes[$begins]->travelIndex($plan->timing->photos) === $first) {
            // It was cut between two runs: the next is whole. Who stands there now stands before the move.
            $rest[] = new Keyframe(0.0, $keyframes[$begins]->positions, easing: $keyframes[$begins]->easing);
            $ends = $begins + 1;
        } else {
            $end = $keyframes[$ends]->travelIndex($plan->timing->photos);
            foreach ([$first, ...Knots::between($plan, $first, $end)] as $index) {
                $rest[] = new Keyframe($at($index), $plan->path->positionsAt($index), easing: new Easing());
            }
        }
        foreach (array_slice($keyframes, $ends) as $keyframe) {
            $rest[] = new Keyframe(
                $at($keyframe->travelIndex($plan->timing->photos)),
                $keyframe->positions,
                $keyframe->pass,
                $keyframe->holdPhotos,
                $keyframe->easing,
                $keyframe->mattersMost,
                $keyframe->subjectWidth,
                $keyframe->subjectHeight,
            );
        }

        return new Move($rest, $plan->move->easing);
    }

    /** As long after its event as its first photo was planned to be; none where that is more than a day, or nothing is timed. */
    private static function start(Plan $plan, Schedule $schedule, int $from): ?Start
    {
        $triggers = $schedule->timeline->triggerSeconds;
        try {
            return isset($triggers[$from - 1]) ? $plan->start?->later($triggers[$from - 1] - $triggers[0]) : null;
        } catch (InvalidInput) {
            return null;
        }
    }
}
