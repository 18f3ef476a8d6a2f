<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Plan\Trouble;

/**
 * The scene's troubles against the photos of the shot: which of them fall while it runs.
 */
final class TroubleTimes
{
    private const SECONDS_PER_DAY = 86_400.0;

    /**
     * @return list<array{trouble: Trouble, first: ?int, last: ?int}> photos from 1 that fall into it; null where none does, or where no times are known
     */
    public static function of(Shot $shot): array
    {
        return array_map(static function (Trouble $trouble) use ($shot): array {
            $photos = self::photos($shot, $trouble);

            return ['trouble' => $trouble, 'first' => $photos[0] ?? null, 'last' => $photos === [] ? null : $photos[count($photos) - 1]];
        }, $shot->plan->scene->troubles);
    }

    /**
     * @return list<int>
     */
    private static function photos(Shot $shot, Trouble $trouble): array
    {
        $site = $shot->plan->site;
        $first = $shot->plan->firstTrigger();
        if ($site === null || $first === null || $trouble->from === null || !$shot->plan->timing->mode->hasClock()) {
            return [];
        }
        $begins = $site->day->at($trouble->from);
        $ends = $trouble->to === null ? $begins : $site->day->at($trouble->to);
        // Past midnight it is the next day's.
        $ends = $ends->unixSeconds < $begins->unixSeconds ? $ends->plusSeconds(self::SECONDS_PER_DAY) : $ends;
        $photos = [];
        $triggers = $shot->schedule->timeline->triggerSeconds;
        foreach ($triggers as $n => $seconds) {
            $at = $first->unixSeconds + $seconds;
            $next = $first->unixSeconds + ($triggers[$n + 1] ?? $seconds);
            foreach ([0.0, self::SECONDS_PER_DAY] as $later) {
                if ($next > $begins->unixSeconds + $later && $at <= $ends->unixSeconds + $later) {
                    $photos[] = $n + 1;
                    break;
                }
            }
        }

        return $photos;
    }
}
