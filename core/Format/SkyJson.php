<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use DateTimeImmutable;
use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\DayEvents;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\LocalDay;
use Evrent\Core\Sky\Moon;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Sky\SeenEvents;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Where sun, moon and the middle of the Milky Way stand, and what a day brings, as JSON documents.
 */
final class SkyJson
{
    private const DECIMALS = 5;

    /**
     * @param string $text ISO 8601 with Z or an offset, such as 2026-05-14T22:10:00Z
     *
     * @throws InvalidInput with the pointer /at
     */
    public static function instant(string $text): Instant
    {
        $message = new Message('format.sky_json.instant', ['first_year' => LocalDay::FIRST_YEAR, 'last_year' => LocalDay::LAST_YEAR]);
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,6})?)?(Z|[+-][01]\d:[0-5]\d)$/D', $text, $part) !== 1
            || !checkdate((int) $part[2], (int) $part[3], (int) $part[1]) || (int) $part[1] < LocalDay::FIRST_YEAR || (int) $part[1] > LocalDay::LAST_YEAR
        ) {
            throw new InvalidInput([new Problem('/at', $message)]);
        }

        return new Instant((float) (new DateTimeImmutable($text))->format('U.u'));
    }

    /**
     * @return array<string, array<string, float>>
     */
    public static function sky(Observer $observer, Instant $instant): array
    {
        $sky = [];
        foreach (Target::cases() as $target) {
            $sky[$target->value] = self::horizontal($observer->horizontal($target->body(), $instant));
        }
        $phaseAngle = Moon::phaseAngle(Target::Moon->body()->place($instant), Target::Sun->body()->place($instant));
        $sky[Target::Moon->value]['lit_fraction'] = round(Moon::litFraction($phaseAngle), self::DECIMALS);

        return $sky;
    }

    /**
     * @param ?SeenEvents $seen over the land that stands around; null where nothing is known of it
     *
     * @return array<string, mixed>
     */
    public static function day(LocalDay $day, DayEvents $events, ?SeenEvents $seen = null): array
    {
        $text = static fn (?Instant $instant): ?string => $instant === null ? null : $day->text($instant);

        return [
            'sun' => [
                'rise' => $text($events->sunRise),
                'transit' => $text($events->sunTransit),
                'set' => $text($events->sunSet),
                'always' => $events->sunAlways,
            ],
            'twilight' => array_map(static fn (array $ends): array => ['dawn' => $text($ends['dawn']), 'dusk' => $text($ends['dusk'])], $events->twilight),
            'moon' => ['rise' => $text($events->moonRise), 'set' => $text($events->moonSet), 'lit_fraction' => round($events->litFraction, self::DECIMALS)],
            'dark_windows' => array_map(static fn (array $window): array => ['from' => $text($window[0]), 'to' => $text($window[1])], $events->darkWindows),
            ...($seen === null ? [] : ['over_horizon' => [
                'sun' => ['rise' => $text($seen->sunRise), 'set' => $text($seen->sunSet)],
                'moon' => ['rise' => $text($seen->moonRise), 'set' => $text($seen->moonSet)],
            ]]),
        ];
    }

    /**
     * @return array<string, float>
     */
    private static function horizontal(Horizontal $horizontal): array
    {
        return [
            'azimuth_deg' => round($horizontal->azimuth, self::DECIMALS),
            'altitude_deg' => round($horizontal->altitude, self::DECIMALS),
            'apparent_altitude_deg' => round($horizontal->apparentAltitude(), self::DECIMALS),
        ];
    }
}
