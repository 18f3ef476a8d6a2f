<?php

declare(strict_types=1);

namespace Evrent\Core\Shot;

use Evrent\Core\Messages\Message;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Instant;

/**
 * The photos of a shot over days, cut where it pauses: numbered on from day to day.
 */
final class PhotosByDay
{
    /** Told one by one; of more, the first and the last. */
    private const MOST_TOLD = 14;

    /**
     * @return list<array{first: int, last: int, begins: Instant, ends: Instant}> numbers of photos, and their triggers; empty where it does not pause
     */
    public static function of(Schedule $schedule): array
    {
        $begun = $schedule->plan->window === null ? null : $schedule->plan->firstTrigger();
        if ($begun === null) {
            return [];
        }
        $days = [];
        $first = 0;
        $triggers = $schedule->timeline->triggerSeconds;
        foreach ($triggers as $n => $trigger) {
            $pauses = $schedule->untilNextSeconds($n) - $schedule->intervalSeconds[$n] > 1.0;
            if ($pauses || $n === count($triggers) - 1) {
                $days[] = [
                    'first' => $first + 1, 'last' => $n + 1,
                    'begins' => $begun->plusSeconds($triggers[$first]), 'ends' => $begun->plusSeconds($trigger),
                ];
                $first = $n + 1;
            }
        }

        return $days;
    }

    /**
     * A line for each day: "photos 58–113, 06:12 (next day) to 20:02 (next day)".
     *
     * @return list<Message>
     */
    public static function told(Schedule $schedule): array
    {
        $site = $schedule->plan->site;
        if ($site === null) {
            return [];
        }
        $lines = array_map(static fn (array $day): Message => new Message('shot.days.photos', [
            'first' => $day['first'],
            'last' => $day['last'],
            'begins' => $site->day->clockAndDay($day['begins']),
            'ends' => $site->day->clock($day['ends']),
        ]), self::of($schedule));
        $left = count($lines) - self::MOST_TOLD;

        return $left <= 0 ? $lines : [...array_slice($lines, 0, self::MOST_TOLD - 1), new Message('shot.days.more', ['count' => $left + 1])];
    }
}
