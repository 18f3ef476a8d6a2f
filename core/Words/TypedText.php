<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

/**
 * Reads what a person types into a number field. Null when it is not readable.
 */
final class TypedText
{
    /** Units of time as people write them, and as they are read. */
    private const SPELT = [
        '/(?<=[\d\s])(?:hours?|hrs?)\b/u' => 'h',
        '/(?<=[\d\s])(?:minutes?|mins)\b|(?<=\d)\s*[′\']/u' => 'min',
        '/(?<=[\d\s])(?:seconds?|secs?)\b|(?<=\d)\s*[″"]/u' => 's',
    ];

    /** "8", "0.5", "0,5", "-14", "−14", "1e3". */
    public static function number(string $text): ?float
    {
        $text = str_replace(["\u{2212}", ','], ['-', '.'], trim($text));
        if (preg_match('/^[+-]?(\d+(\.\d*)?|\.\d+)(e[+-]?\d{1,3})?$/Di', $text) !== 1) {
            return null;
        }
        $number = (float) $text;

        return is_finite($number) ? $number : null;
    }

    /** As number, and "20 %" or "20" for 0.2. */
    public static function percent(string $text): ?float
    {
        $number = self::number(rtrim(trim($text), "% \u{00a0}"));

        return $number === null ? null : $number / 100.0;
    }

    /** As number, and what batteries have printed on them: "16 Wh", "2000 mAh 7.2 V", "2 Ah × 7,2 V". Wh = mAh · V / 1000. */
    public static function wattHours(string $text): ?float
    {
        $text = trim($text);
        if (preg_match('/^(.+?)\s*(m?)Ah\s*[x×*,·]?\s*(.+?)\s*V$/Diu', $text, $part) === 1) {
            [$charge, $volts] = [self::number($part[1]), self::number($part[3])];

            return $charge === null || $volts === null ? null : $charge * $volts / ($part[2] === '' ? 1.0 : 1_000.0);
        }

        return self::number(preg_replace('/\s*Wh$/Di', '', $text) ?? $text);
    }

    /** As number, and "51.85 N", "1° 54' W", "51°51'00.0\"N": degrees, minutes, seconds; south and west are below zero. */
    public static function degrees(string $text): ?float
    {
        $text = str_replace(["\u{2032}", "\u{2019}", "\u{2033}", "\u{201d}"], ["'", "'", '"', '"'], trim($text));
        if (preg_match('/^(.*?)\s*([NSEW])$/Diu', $text, $part) === 1) {
            $degrees = self::degrees($part[1]);
            $isBelow = in_array(strtoupper($part[2]), ['S', 'W'], true);

            return $degrees === null || $degrees < 0.0 ? null : ($isBelow ? -$degrees : $degrees);
        }
        if (preg_match('/^([-\x{2212}]?)(\d{1,3})\s*°\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*\'\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*")?)?$/Du', $text, $part) === 1) {
            [$minutes, $seconds] = [self::number($part[3] ?? '') ?? 0.0, self::number($part[4] ?? '') ?? 0.0];
            $degrees = (float) $part[2] + $minutes / 60.0 + $seconds / 3_600.0;

            return $minutes >= 60.0 || $seconds >= 60.0 ? null : ($part[1] === '' ? $degrees : -$degrees);
        }

        return self::number(preg_replace('/\s*°$/Du', '', $text) ?? $text);
    }

    /** A whole number from 1 on, as photos are counted; null for anything else. */
    public static function count(string $text, int $most = 1_000_000): ?int
    {
        $number = self::number($text);

        return $number !== null && floor($number) === $number && $number >= 1.0 && $number <= $most ? (int) $number : null;
    }

    /** As `seconds`, of what is hours long: "1:30" is an hour and a half. */
    public static function longSeconds(string $text): ?float
    {
        return preg_match('/^\s*(\d{1,3}):([0-5]\d)\s*$/D', $text, $part) === 1 ? (int) $part[1] * 3_600.0 + (int) $part[2] * 60.0 : self::seconds($text);
    }

    /** As number, and "1/125", "0.8 s", "2 min", "2 hours", "40′", "30″", "1:30" (minutes and seconds), "1h30", "1 h 2 min 30 s". */
    public static function seconds(string $text): ?float
    {
        $text = (string) preg_replace(array_keys(self::SPELT), array_values(self::SPELT), strtolower(trim($text)));
        if (preg_match('/^(\d{1,4}[.,]\d{1,4})\s*h$/D', $text, $part) === 1) {
            $hours = self::number($part[1]);

            return $hours === null ? null : $hours * 3_600.0;
        }
        if (preg_match('~^1\s*/\s*(\d{1,6}(?:\.\d+)?)\s*s?$~D', $text, $part) === 1) {
            return (float) $part[1] > 0.0 ? 1.0 / (float) $part[1] : null;
        }
        if (preg_match('/^(\d{1,4}):([0-5]\d)(?::([0-5]\d))?$/D', $text, $part) === 1) {
            return isset($part[3])
                ? (float) ((int) $part[1] * 3600 + (int) $part[2] * 60 + (int) $part[3])
                : (float) ((int) $part[1] * 60 + (int) $part[2]);
        }
        if (preg_match('/^(\d{1,4})\s*h(?:\s*(\d{1,2})\s*(?:m|min)?)?$/D', $text, $part) === 1) {
            return (float) ((int) $part[1] * 3600 + (int) ($part[2] ?? 0) * 60);
        }
        if (preg_match('/^(?:(\d{1,4})\s*h)?\s*(?:(\d{1,6})\s*(?:m|min))\s*(\d{1,2}(?:[.,]\d+)?)\s*s?$/D', $text, $part) === 1) {
            return (int) $part[1] * 3600 + (int) $part[2] * 60 + (self::number($part[3]) ?? 0.0);
        }
        if (preg_match('/^(.*\d[.,]?)\s*(?:m|min)$/D', $text, $part) === 1) {
            $minutes = self::number($part[1]);

            return $minutes === null ? null : $minutes * 60.0;
        }

        return self::number(preg_replace('/\s*s$/D', '', $text) ?? $text);
    }
}
