<?php

declare(strict_types=1);

namespace Evrent\Devices\Files;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Words\Words;
use Sabre\VObject\Component\VCalendar;

/**
 * One shot for a calendar (RFC 5545), with an alarm when it is time to start.
 */
final class ShotCalendar
{
    private const MINUTE = 60.0;

    /**
     * @param int $setupMinutes    on site before the start
     * @param int $teardownMinutes on site after the last photo
     *
     * @return string the same for the same shot, byte by byte
     *
     * @throws InvalidInput by /start where the plan has no day and time
     */
    public static function of(Schedule $schedule, int $setupMinutes = 0, int $teardownMinutes = 0): string
    {
        $plan = $schedule->plan;
        $begins = $plan->firstTrigger();
        if ($begins === null) {
            throw new InvalidInput([new Problem('/start', new Message('devices.calendar.no_time'))]);
        }
        $arrives = self::date($begins->plusSeconds(-self::MINUTE * $setupMinutes));
        $leaves = self::date($begins->plusSeconds($schedule->summary->runSeconds + self::MINUTE * $teardownMinutes));
        $calendar = new VCalendar(['PRODID' => '-//Evrent//Shot//EN']);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => substr(hash('sha256', $plan->title . $begins->utcText()), 0, 32) . '@evrent',
            'DTSTAMP' => self::date($begins),
            'SUMMARY' => $plan->title,
            'DTSTART' => $arrives,
            'DTEND' => $leaves,
            'DESCRIPTION' => Words::of(
                'devices.calendar.description',
                photos: Quantity::photos($schedule->photosTotal()),
                runSeconds: Quantity::duration($schedule->summary->runSeconds),
            ),
        ]);
        if ($plan->site !== null) {
            $event->add('GEO', [$plan->site->latitude, $plan->site->longitude]);
        }
        $alarm = $calendar->createComponent('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => Words::of('devices.calendar.start', title: $plan->title)]);
        $alarm->add($calendar->createProperty('TRIGGER', self::date($begins), ['VALUE' => 'DATE-TIME']));
        $event->add($alarm);
        $calendar->add($event);

        return $calendar->serialize();
    }

    private static function date(Instant $instant): DateTimeImmutable
    {
        return new DateTimeImmutable($instant->utcText(), new DateTimeZone('UTC'));
    }
}
