<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\ClockTime;
use Exception;

/**
 * A calendar day where people live by a zone's clock: 23 or 25 hours long where the clock is changed.
 */
final readonly class LocalDay
{
    /** Positions are good from here to there. */
    public const FIRST_YEAR = 1950;
    public const LAST_YEAR = 2100;

    private const SECONDS_PER_MINUTE = 60.0;

    public Instant $begins;
    public Instant $ends;
    public string $date;
    private DateTimeZone $zone;

    /**
     * @param string $date     such as 2026-05-14
     * @param string $zoneName such as Europe/Lisbon
     *
     * @throws \Evrent\Core\Values\InvalidInput with pointers /date and /zone
     */
    public function __construct(string $date, string $zoneName)
    {
        $part = [];
        $problems = new Problems();
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $date, $part) !== 1 || !checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            || (int) $part[1] < self::FIRST_YEAR || (int) $part[1] > self::LAST_YEAR
        ) {
            $problems->add('/date', new Message('sky.local_day.date', ['first_year' => self::FIRST_YEAR, 'last_year' => self::LAST_YEAR]));
        }
        $zone = null;
        try {
            // What a name may be written with: a zone is not even asked for with other bytes.
            $zone = preg_match('~^[\w+\-/:]{1,64}$~D', $zoneName) === 1 ? new DateTimeZone($zoneName) : throw new Exception('no zone');
        } catch (Exception) {
            $problems->add('/zone', new Message('sky.local_day.zone'));
        }
        $problems->throwIfAny();
        assert($zone !== null);
        $this->zone = $zone;
        if ((new DateTimeImmutable("{$date}T12:00:00", $zone))->format('Y-m-d') !== $date) {
            // West of the date line one day, east of it the next: Apia went from 29 to 31 December 2011.
            $problems->add('/date', new Message('sky.local_day.skipped', ['date' => $date, 'zoneName' => $zoneName]));
            $problems->throwIfAny();
        }
        $midnight = new DateTimeImmutable("{$date}T00:00:00", $zone);
        $next = new DateTimeImmutable("{$date}T00:00:00 +1 day", $zone);
        $this->date = $date;
        $this->begins = new Instant((float) $midnight->getTimestamp());
        $this->ends = new Instant((float) $next->getTimestamp());
    }

    /** As people there read it: "2026-05-14T21:09:12+01:00", to the second. */
    public function text(Instant $instant): string
    {
        return $this->wall($instant)->format('Y-m-d\TH:i:sP');
    }

    /** The one after it. */
    public function next(): self
    {
        // By the clock there: a day that was left out is left out.
        $next = (new DateTimeImmutable("{$this->date}T12:00:00", $this->zone))->modify('+24 hours');

        return new self($next->format('Y-m-d'), $this->zone->getName());
    }

    /**
     * When a clock on the wall shows a time. One that the change of the clock leaves out is an hour on; of one that comes twice
     * it is the first.
     *
     * @param string $clock such as "19:40" or "19:40:30"
     */
    public function at(string $clock): Instant
    {
        return new Instant((float) (new DateTimeImmutable("{$this->date}T{$clock}", $this->zone))->getTimestamp());
    }

    /** What the clock on the wall shows, to the nearest minute as almanacs have it: "19:40". */
    public function clock(Instant $instant): string
    {
        return $this->wall(self::toTheMinute($instant))->format('H:i');
    }

    /**
     * As clock, with the day when it is another: "00:05 (next day)".
     */
    public function clockAndDay(Instant $instant): Message|string
    {
        $wall = $this->wall(self::toTheMinute($instant));
        $days = (int) (new DateTimeImmutable($this->date))->diff(new DateTimeImmutable($wall->format('Y-m-d')))->format('%r%a');

        return ClockTime::onDay($wall->format('H:i'), $days);
    }

    public function zoneName(): string
    {
        return $this->zone->getName();
    }

    /** All times of one card are rounded the same way. A second before half past is the minute that has begun. */
    private static function toTheMinute(Instant $instant): Instant
    {
        return new Instant(floor($instant->unixSeconds / self::SECONDS_PER_MINUTE + 0.5) * self::SECONDS_PER_MINUTE);
    }

    private function wall(Instant $instant): DateTimeImmutable
    {
        return (new DateTimeImmutable('@' . (int) round($instant->unixSeconds)))->setTimezone($this->zone);
    }
}
