<?php

declare(strict_types=1);

namespace App\Pages;

use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Day\Stay;
use Evrent\Core\Sky\Instant;
use Evrent\Words\Words;
use Sabre\VObject\Component\VCalendar;

/**
 * The day's shots for a calendar (RFC 5545), from arriving to leaving, with an alarm when it is time to start.
 */
final class DayCalendar
{
    public static function of(ShootPage $page): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Evrent//Day plan//EN', 'NAME' => $page->shoot->name]);
        foreach ($page->day->stays as $stay) {
            if ($stay->begins === null || $stay->ends === null || $stay->arrives === null || $stay->leaves === null) {
                continue;
            }
            $event = $calendar->createComponent('VEVENT', [
                'UID' => "shot-{$stay->id}-of-shoot-{$page->shoot->id}@evrent",
                'SUMMARY' => $stay->title,
                'DTSTART' => self::date($stay->arrives),
                'DTEND' => self::date($stay->leaves),
                'LOCATION' => $page->shoot->place,
                'DESCRIPTION' => self::told($page, $stay),
            ]);
            if ($page->line !== null) {
                $event->add('GEO', [$page->line->site->latitude, $page->line->site->longitude]);
            }
            $alarm = $calendar->createComponent(
                'VALARM',
                ['ACTION' => 'DISPLAY', 'DESCRIPTION' => Words::of('app.calendar.start', title: $stay->title)],
            );
            $alarm->add($calendar->createProperty('TRIGGER', self::date($stay->begins), ['VALUE' => 'DATE-TIME']));
            $event->add($alarm);
            $calendar->add($event);
        }
        foreach ($page->line === null ? [] : $page->events->at($page->line->site) as [$place, $instant, $label]) {
            $calendar->add('VEVENT', [
                'UID' => "event-{$place}-of-shoot-{$page->shoot->id}@evrent",
                'SUMMARY' => $label,
                'DTSTART' => self::date($instant),
                'DTEND' => self::date($instant),
            ]);
        }

        return $calendar->serialize();
    }

    private static function told(ShootPage $page, Stay $stay): string
    {
        $shot = $page->shots[$stay->id]->figures ?? null;

        return $shot === null ? '' : Words::of(
            'app.calendar.told',
            beginsText: $shot->beginsText ?? '',
            endsText: $shot->endsText ?? '',
            settings: Words::capital($shot->settings),
        );
    }

    private static function date(Instant $instant): DateTimeImmutable
    {
        return new DateTimeImmutable($instant->utcText(), new DateTimeZone('UTC'));
    }
}
