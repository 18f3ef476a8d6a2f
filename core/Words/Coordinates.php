<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

/**
 * Latitude and longitude in one text, as maps and phones copy them.
 */
final class Coordinates
{
    /** Latitude and longitude: with their letters behind or before, or as two numbers. */
    private const FORMS = [
        '~^(.*?\d.*?[NS])[\s,;]+(.*\d.*?[EW])$~iu', '~^([NS].*?\d.*?)[\s,;]+([EW].*\d.*)$~iu',
        // "51,85" is one number: a comma parts two where a blank follows it, or where both have their points.
        '~^(-?[\d.]+)°?\s*(?:;|,\s)\s*(-?[\d.]+)°?$~u', '~^(-?\d+\.\d+)°?,(-?\d+\.\d+)°?$~u', '~^(-?[\d.,]+)°?[;\s]+(-?[\d.,]+)°?$~u',
    ];

    /**
     * "52.2, 0.9", "52°12'N 0°54'E", "N 52 12.0 E 0 54.0", "geo:52.2,0.9" or a map's address with "@52.2,0.9".
     *
     * @return ?array{float, float} latitude and longitude in degrees; null where the text is not both
     */
    public static function read(string $text): ?array
    {
        $text = trim($text);
        $found = [];
        $pair = '(-?\d{1,2}(?:\.\d+)?)\s*,\s*(-?\d{1,3}(?:\.\d+)?)';
        if (preg_match("~^geo:{$pair}~i", $text, $found) === 1 || preg_match("~@{$pair}~", $text, $found) === 1 && str_contains($text, '://')) {
            return self::within((float) $found[1], (float) $found[2]);
        }
        foreach (self::FORMS as $form) {
            if (preg_match($form, $text, $found) === 1) {
                return self::within(self::degrees($found[1]) ?? NAN, self::degrees($found[2]) ?? NAN);
            }
        }

        return null;
    }

    /** One of the two, whichever side its letter stands on, and "52 12.0" as degrees and minutes. */
    private static function degrees(string $half): ?float
    {
        $half = (string) preg_replace('~^\s*([NSEW])\s*(.*)$~iu', '$2 $1', trim($half, " ,;\t"));
        $half = (string) preg_replace('~^(\d{1,3})\s+(\d{1,2}(?:[.,]\d+)?)(?:\s+(\d{1,2}(?:[.,]\d+)?))?(?=\s|$)~', '$1° $2\' $3"', $half);

        return TypedText::degrees(str_replace(' "', '', $half));
    }

    /**
     * @return ?array{float, float}
     */
    private static function within(float $latitude, float $longitude): ?array
    {
        return abs($latitude) <= 90.0 && abs($longitude) <= 180.0 ? [$latitude, $longitude] : null;
    }
}
