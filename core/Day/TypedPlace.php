<?php

declare(strict_types=1);

namespace Evrent\Core\Day;

use Evrent\Core\Messages\Message;
use Evrent\Core\Sky\Horizon;
use Evrent\Core\Sky\Site;
use Evrent\Core\Sky\ZoneName;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\Coordinates;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A shoot's place and day as they are typed. All of latitude, longitude, zone and date together make a site; without latitude
 * and longitude there is none yet, and that is no mistake.
 */
final readonly class TypedPlace
{
    /** A day on which anything typed can be checked while the shoot's own is not known. */
    private const ANY_DAY = '2026-06-21';

    private function __construct(
        public string $name,
        public ?string $date,
        public ?float $latitude,
        public ?float $longitude,
        public float $elevationMetres,
        public ?string $zone,
        public float $glowLux,
        public float $skyMag,
        public string $horizon,
    ) {
    }

    /**
     * @param array<string, string> $typed name, date, latitude, longitude, elevation, zone, sky_glow, sky_mag, horizon,
     *                                     horizon_variation (of the compass that its bearings were read from)
     *
     * @throws InvalidInput with the field's name as pointer
     */
    public static function read(array $typed): self
    {
        $typed = self::together($typed);
        $text = static fn (string $field): string => trim($typed[$field] ?? '');
        $problems = new Problems();
        $number = static function (string $field, Message $message) use ($text, $problems): ?float {
            $isAngle = in_array($field, ['latitude', 'longitude'], true);
            $value = $text($field) === '' ? null : ($isAngle ? TypedText::degrees($text($field)) : TypedText::number($text($field))) ?? NAN;
            if ($value !== null && is_nan($value)) {
                $problems->add("/{$field}", $message);
            }

            return $value;
        };
        $latitude = $number('latitude', new Message('day.typed_place.latitude'));
        $longitude = $number('longitude', new Message('day.typed_place.longitude'));
        $elevation = $number('elevation', new Message('day.typed_place.elevation')) ?? 0.0;
        $glow = $number('sky_glow', new Message('day.typed_place.lux')) ?? 0.0;
        $skyMag = $text('sky_mag') === ''
            ? Site::USUAL_SKY_MAG
            : Site::SKIES[strtr(mb_strtolower($text('sky_mag')), ["a village's edge" => 'village', 'a village’s edge' => 'village'])]
                ?? $number('sky_mag', new Message('day.typed_place.sky'))
                ?? Site::USUAL_SKY_MAG;
        $date = $text('date') === '' ? null : $text('date');
        if (($latitude === null) !== ($longitude === null)) {
            $problems->add($latitude === null ? '/latitude' : '/longitude', new Message('day.typed_place.both'));
        }
        if ($latitude !== null && $text('zone') === '') {
            $problems->add('/zone', new Message('day.typed_place.zone'));
        }
        $variation = $number('horizon_variation', new Message('day.typed_place.variation')) ?? 0.0;
        $horizon = '';
        try {
            $horizon = Horizon::read($text('horizon'), is_nan($variation) ? 0.0 : $variation)->text();
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder('', $invalid);
        }
        $finite = static fn (?float $value): float => $value === null || is_nan($value) ? 0.0 : $value;
        try {
            new Site(
                $text('name'),
                $finite($latitude),
                $finite($longitude),
                $text('zone') === '' ? 'UTC' : $text('zone'),
                $date ?? self::ANY_DAY,
                $finite($elevation),
                $finite($glow),
                is_nan($skyMag) ? Site::USUAL_SKY_MAG : $skyMag,
            );
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems->add(strtr($problem->pointer, [
                    '/latitude_deg' => '/latitude', '/longitude_deg' => '/longitude', '/elevation_m' => '/elevation', '/sky_glow_lux' => '/sky_glow',
                ]), $problem->message);
            }
        }
        $problems->throwIfAny();

        return new self($text('name'), $date, $latitude, $longitude, $elevation, $text('zone') === '' ? null : $text('zone'), $glow, $skyMag, $horizon);
    }

    /**
     * Both coordinates pasted into one field stand each in its own, and a zone has its full name.
     *
     * @param array<string, string> $typed
     *
     * @return array<string, string>
     */
    private static function together(array $typed): array
    {
        $both = Coordinates::read($typed['latitude'] ?? '') ?? Coordinates::read($typed['longitude'] ?? '');

        return ($both === null ? [] : ['latitude' => PlainText::number($both[0]), 'longitude' => PlainText::number($both[1])])
            + ['zone' => ZoneName::full($typed['zone'] ?? '')] + $typed;
    }
}
