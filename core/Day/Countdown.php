<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use DateTimeImmutable;
use Evrent\Core\Messages\Message;

/**
 * How long it is until a day, as people say it.
 */
final class Countdown
{
    private const DAYS_TOLD_ALONE = 60;

    /**
     * @param string $date  the day, such as 2027-03-23
     * @param string $today likewise
     *
     * @return Message such as "tomorrow", "in 12 days", "3 days ago"
     */
    public static function told(string $date, string $today): Message
    {
        $days = self::days($date, $today);

        return match (true) {
            $days === 0 => new Message('day.countdown.today'),
            $days === 1 => new Message('day.countdown.tomorrow'),
            $days === -1 => new Message('day.countdown.yesterday'),
            $days < 0 => new Message('day.countdown.ago', ['span' => self::span(-$days)]),
            default => new Message('day.countdown.in', ['span' => self::span($days)]),
        };
    }

    /** Whole days from today on; below zero when it is over. */
    public static function days(string $date, string $today): int
    {
        $between = (new DateTimeImmutable($today))->diff(new DateTimeImmutable($date));

        return intval($between->days) * ($between->invert === 1 ? -1 : 1);
    }

    private static function span(int $days): Message
    {
        return $days <= self::DAYS_TOLD_ALONE
            ? new Message('day.countdown.days', ['days' => $days])
            : new Message('day.countdown.weeks', ['days' => intdiv($days, 7)]);
    }
}
