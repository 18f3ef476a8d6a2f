<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Openings;
use Evrent\Core\Timing\Timing;

/**
 * What ends a shot that goes on and on, and after how many photos: time, card, batteries, travel, counter. Nothing here hangs on how many
 * photos the plan has, but for what a photo takes on the average.
 */
final class Limits
{
    /** How far a count by the mean photo may be off. */
    private const COUNTED_PHOTOS = 4;

    /**
     * @return list<Limit> of what the plan knows, the soonest first
     */
    public static function of(Shot $shot): array
    {
        $plan = $shot->plan;
        $found = [];
        $interval = Schedule::bookedSeconds($plan) / $plan->photosTotal();
        $end = $plan->end?->at === null || $plan->site === null ? null : $plan->end->at->instant($plan->site);
        $begin = $plan->firstTrigger();
        if ($end !== null && $begin !== null) {
            $seconds = $end->unixSeconds - $begin->unixSeconds;
            $found['time'] = $plan->openings() === null
                ? max(0, (int) floor($seconds / $interval + 1e-6))
                : self::photosByDay($plan->openings(), $begin->unixSeconds, $end->unixSeconds, $interval);
        }
        if ($plan->storage !== null) {
            $found['card'] = $plan->storage->photos();
        }
        foreach (Drain::photosUntilOut($shot->schedule) as $device => $photos) {
            $found["{$device} battery"] = $photos;
        }
        $travel = self::travel($shot);
        if ($travel !== null) {
            $found['travel'] = $travel;
        }
        if ($plan->trigger->countLimit !== null) {
            $found['count'] = $plan->trigger->countLimit;
        }
        asort($found);
        $first = array_key_first($found);
        if ($plan->end !== null && $first !== null && abs($found[$first] - $plan->photosTotal()) <= self::COUNTED_PHOTOS) {
            // Counted photo by photo, it ends a few before or after what the mean says: the plan has been counted.
            $found[$first] = $plan->photosTotal();
        }
        $limits = [];
        foreach ($found as $what => $photos) {
            $limits[] = new Limit($what, $photos, $photos * $interval, $photos / $plan->timing->framesPerSecond);
        }

        return $limits;
    }

    /** Photos until something ends it; as many as the plan has where nothing does that the plan knows of. */
    public static function photos(Shot $shot): int
    {
        $soonest = self::of($shot)[0] ?? null;

        return max(2, min(Timing::MOST_PHOTOS, $soonest === null ? $shot->plan->photosTotal() : $soonest->photos));
    }

    /** Photos until an end with nights or days between in which none is taken. */
    private static function photosByDay(Openings $openings, float $begin, float $end, float $interval): int
    {
        $photos = 0;
        for ($at = $begin; $at <= $end + 1e-6 && $photos < Timing::MOST_PHOTOS; $photos++) {
            $at += $openings->interval($at, $interval);
        }

        return $photos;
    }

    /** Photos until the first axis stands at the end of its travel, by the step that it has; null where none ever does. */
    private static function travel(Shot $shot): ?int
    {
        $plan = $shot->plan;
        $standing = $plan->photosTotal() - $plan->timing->photos;
        $fewest = null;
        foreach ($plan->rig->axes as $axis) {
            $first = $plan->move->keyframes[0]->positions[$axis->id];
            $way = $plan->move->keyframes[count($plan->move->keyframes) - 1]->positions[$axis->id] - $first;
            if ($axis->isEndless || $way === 0.0 || $plan->move->oneWayPhotos !== null) {
                // What goes back and forth never comes to an end.
                continue;
            }
            $room = $way > 0.0 ? $axis->max - $first : $first - $axis->min;
            $photos = (int) floor($room / (abs($way) / ($plan->timing->photos - 1)) + 1e-6) + 1 + $standing;
            $fewest = min($fewest ?? $photos, $photos);
        }

        return $fewest;
    }
}
