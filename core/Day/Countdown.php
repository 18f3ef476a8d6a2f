<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use DateTimeImmutable;

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
     * @return string such as "tomorrow", "in 12 days", "3 days ago"
     */
    public static function told(string $date, string $today): string
    {
        $days = self::days($date, $today);

        return match (true) {
            $days === 0 => 'today',
            $days === 1 => 'tomorrow',
            $days === -1 => 'yesterday',
            $days < 0 => self::span(-$days) . ' ago',
            default => 'in ' . self::span($days),
        };
    }

    /** Whole days from today on; below zero when it is over. */
    public static function days(string $date, string $today): int
    {
        $between = (new DateTimeImmutable($today))->diff(new DateTimeImmutable($date));

        return intval($between->days) * ($between->invert === 1 ? -1 : 1);
    }

    private static function span(int $days): string
    {
        return $days <= self::DAYS_TOLD_ALONE ? "{$days} days" : intdiv($days, 7) . ' weeks';
    }
}
