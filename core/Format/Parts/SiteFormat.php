<?php

declare(strict_types=1);

namespace Evrent\Core\Format\Parts;

use Evrent\Core\Format\Fields;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\Start;
use Evrent\Core\Sky\StartEvent;

/**
 * Where and when, in the open format: the parts `site` and `start`.
 */
final class SiteFormat
{
    public static function site(Fields $fields): ?Site
    {
        $read = [
            $fields->has('name') ? $fields->text('name') : '',
            $fields->number('latitude_deg', 0),
            $fields->number('longitude_deg', 0),
            $fields->text('zone', 'UTC'),
            $fields->text('date', '2026-01-01'),
            $fields->number('elevation_m', 0, 0),
            $fields->number('sky_glow_lux', 0, 0),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Site => new Site(...$read));
    }

    /**
     * @return array<string, float|string>
     */
    public static function writeSite(Site $site): array
    {
        return [
            'name' => $site->name, 'latitude_deg' => $site->latitude, 'longitude_deg' => $site->longitude, 'zone' => $site->zone,
            'date' => $site->date, 'elevation_m' => $site->elevationMetres, 'sky_glow_lux' => $site->glowLux,
        ];
    }

    public static function start(Fields $fields): ?Start
    {
        $event = $fields->choice('event', StartEvent::class, StartEvent::Sunset);
        $read = [
            $event,
            $fields->has('at') ? $fields->text('at', '00:00') : null,
            $fields->number('offset_s', 0, 0),
            $fields->numberOrNull('height_deg', 0),
            $fields->whole('days', 0, 0),
        ];
        $fields->refuseTheRest();

        return $fields->make(static fn (): Start => new Start(...$read));
    }

    /**
     * @return array<string, float|int|string>
     */
    public static function writeStart(Start $start): array
    {
        return [
            'event' => $start->event->value,
            ...($start->at === null ? [] : ['at' => $start->at]),
            'offset_s' => $start->offsetSeconds,
            ...($start->heightDegrees === null ? [] : ['height_deg' => $start->heightDegrees]),
            'days' => $start->days,
        ];
    }
}
