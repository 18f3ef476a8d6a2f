<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

use DateTimeImmutable;
use DateTimeZone;

/**
 * How long it still is at a place until a time of day, or something in the sky, whatever day a plan was made for.
 */
final class StartAhead
{
    /** What happens on most days, and can be waited for. */
    public const EVENTS = [
        StartEvent::Sunset, StartEvent::CivilDusk, StartEvent::NauticalDusk, StartEvent::AstronomicalDusk,
        StartEvent::AstronomicalDawn, StartEvent::NauticalDawn, StartEvent::CivilDawn, StartEvent::Sunrise, StartEvent::Moonrise, StartEvent::Moonset,
    ];

    /** The next that comes may be tomorrow's; the moon leaves out a day. */
    private const DAYS = 3;

    /**
     * @param string $at            time of day such as "19:40", for the event clock
     * @param float  $offsetSeconds after the event
     * @param float  $unixSeconds   now
     *
     * @return ?float seconds; null when it does not happen within some days
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function seconds(Site $site, StartEvent $event, string $at, float $offsetSeconds, float $unixSeconds): ?float
    {
        $start = $event === StartEvent::Clock ? new Start($event, $at, $offsetSeconds) : new Start($event, null, $offsetSeconds);
        $today = (new DateTimeImmutable('@' . (int) $unixSeconds))->setTimezone(new DateTimeZone($site->zone));
        for ($day = -1; $day < self::DAYS; $day++) {
            $date = $today->modify("{$day} days")->format('Y-m-d');
            $then = $site->on($date);
            $instant = $start->instant($then);
            if ($instant !== null && $instant->unixSeconds > $unixSeconds) {
                return $instant->unixSeconds - $unixSeconds;
            }
        }

        return null;
    }
}
