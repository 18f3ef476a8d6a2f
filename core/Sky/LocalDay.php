<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\InvalidInput;
use Evrent\Core\Problem;
use Exception;

/**
 * A calendar day where people live by a zone's clock: 23 or 25 hours long where the clock is changed.
 */
final readonly class LocalDay
{
    /** Positions are good from here to there. */
    public const FIRST_YEAR = 1950;
    public const LAST_YEAR = 2100;

    public Instant $begins;
    public Instant $ends;
    private DateTimeZone $zone;

    /**
     * @param string $date     such as 2026-05-14
     * @param string $zoneName such as Europe/Lisbon
     *
     * @throws InvalidInput with pointers /date and /zone
     */
    public function __construct(string $date, string $zoneName)
    {
        $part = [];
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $date, $part) !== 1 || !checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            || (int) $part[1] < self::FIRST_YEAR || (int) $part[1] > self::LAST_YEAR
        ) {
            $message = sprintf('Enter a date from %d to %d that there is, such as 2026-05-14.', self::FIRST_YEAR, self::LAST_YEAR);
            throw new InvalidInput([new Problem('/date', $message)]);
        }
        try {
            $this->zone = new DateTimeZone($zoneName);
            $midnight = new DateTimeImmutable("{$date}T00:00:00", $this->zone);
            $next = new DateTimeImmutable("{$date}T00:00:00 +1 day", $this->zone);
        } catch (Exception) {
            throw new InvalidInput([new Problem('/zone', 'Enter a time zone by its name, such as Europe/Lisbon or UTC.')]);
        }
        $this->begins = new Instant((float) $midnight->getTimestamp());
        $this->ends = new Instant((float) $next->getTimestamp());
    }

    /** As people there read it: "2026-05-14T21:09:12+01:00", to the second. */
    public function text(Instant $instant): string
    {
        return (new DateTimeImmutable('@' . (int) round($instant->unixSeconds)))->setTimezone($this->zone)->format('Y-m-d\TH:i:sP');
    }
}
