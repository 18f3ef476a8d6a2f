<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

/**
 * Quantities as people read them. What `number` and `percent` and `exposure` write, `TypedText` reads back unchanged.
 */
final class PlainText
{
    /** A number with its unit: degrees stand close to it, all others apart. */
    public static function withUnit(string $number, string $unit): string
    {
        return $number . (str_starts_with($unit, '°') && !in_array($unit, ['°C', '°F'], true) ? '' : ' ') . $unit;
    }

    /** Shortest decimal that reads back as the same number: 8, 0.8, 88.8888888889. */
    public static function number(float $value): string
    {
        return json_encode($value === 0.0 ? 0 : $value, JSON_THROW_ON_ERROR);
    }

    /**
     * Many numbers as `number` writes each, in a tenth of the time.
     *
     * @param list<float|int|null> $values
     *
     * @return string with commas between, and nothing for null
     */
    public static function numbers(array $values): string
    {
        foreach ($values as $n => $value) {
            if ($value === 0.0) {
                // Nothing has no sign.
                $values[$n] = 0;
            }
        }

        return str_replace('null', '', substr(json_encode($values, JSON_THROW_ON_ERROR), 1, -1));
    }

    /** Rounded for reading, without trailing zeros: 4.767, 12. */
    public static function rounded(float $value, int $decimals = 2): string
    {
        $text = number_format($value, $decimals, '.', '');
        $text = str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;

        return str_replace('-', '−', $text === '-0' ? '0' : $text);
    }

    /** For columns that line up: always the same number of decimals. */
    public static function fixed(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_replace('-', '−', (float) $text === 0.0 ? ltrim($text, '-') : $text);
    }

    /** A difference, rounded, with its sign; what rounds to 0 has none. */
    public static function signed(float $value, int $decimals): string
    {
        return (round($value, $decimals) > 0.0 ? '+' : '') . self::rounded($value, $decimals);
    }

    /** A share as per cent, without its sign: 0.2 is "20". */
    public static function percent(float $share): string
    {
        return self::number(round($share * 100.0, 10));
    }

    /** A share as per cent to a tenth, without its sign. */
    public static function roundedPercent(float $share): string
    {
        return self::rounded($share * 100.0, 1);
    }

    /** Seconds of exposure: 1/80 for what is a whole fraction, else the number. */
    public static function exposure(float $seconds): string
    {
        $fraction = $seconds > 0.0 ? round(1.0 / $seconds) : 0.0;
        if ($seconds < 0.4 && $fraction > 1.0 && 1.0 / $fraction === $seconds) {
            return '1/' . self::number($fraction);
        }

        return self::number($seconds);
    }

    /** A shutter time as it is read, not to be read back: "1/125", "0.8", "2.5", "13". */
    public static function shutter(float $seconds): string
    {
        return match (true) {
            $seconds <= 0.0 => '0',
            $seconds < 0.3 => '1/' . number_format(
                round(1.0 / $seconds, 1.0 / $seconds < 10.0 ? 1 : 0),
                1.0 / $seconds < 10.0 && fmod(round(1.0 / $seconds, 1), 1.0) > 0.0 ? 1 : 0,
                '.',
                '',
            ),
            default => self::rounded($seconds, $seconds < 10.0 ? 2 : 1),
        };
    }

    /** Short spans, for what is counted in single seconds: "5.58 s", "7.8 ms". */
    public static function seconds(float $seconds): string
    {
        $size = abs($seconds);
        if ($size > 0.0 && $size < 0.1) {
            return self::rounded($seconds * 1000.0, $size < 0.001 ? 3 : 1) . ' ms';
        }

        return self::rounded($seconds, $size < 100.0 ? 2 : 1) . ' s';
    }

    /** Spans as a watch tells them: "31 min 53 s", "2 h 5 min", "3 d 4 h". */
    public static function duration(float $seconds): string
    {
        if ($seconds < 60.0) {
            return self::rounded($seconds, 1) . ' s';
        }
        $whole = (int) round($seconds);
        if ($whole < 3600) {
            return self::pair(intdiv($whole, 60), 'min', $whole % 60, 's');
        }
        $minutes = (int) round($seconds / 60.0);
        if ($minutes < 1440) {
            return self::pair(intdiv($minutes, 60), 'h', $minutes % 60, 'min');
        }
        $hours = (int) round($seconds / 3600.0);

        return self::pair(intdiv($hours, 24), 'd', $hours % 24, 'h');
    }

    /** Spans to the hundredth of a second, for a field: "1 h 30 min", "39 min 41 s", "8.25 s". Reads back as it is. */
    public static function span(float $seconds): string
    {
        $hundredths = (int) round($seconds * 100.0);
        $minutes = intdiv($hundredths, 6000);
        $rest = self::number($hundredths % 6000 / 100.0);
        $hours = intdiv($minutes, 60);

        return match (true) {
            $minutes === 0 => "{$rest} s",
            $hours === 0 => "{$minutes} min" . ($rest === '0' ? '' : " {$rest} s"),
            default => "{$hours} h" . ($minutes % 60 === 0 && $rest === '0' ? '' : ' ' . $minutes % 60 . ' min') . ($rest === '0' ? '' : " {$rest} s"),
        };
    }

    /** A time in the run as a stopwatch shows it: "31:52.0", "2:05:10.5". */
    public static function stopwatch(float $seconds): string
    {
        $tenths = (int) round($seconds * 10.0);
        $minutes = intdiv($tenths, 600);
        $rest = sprintf('%04.1f', $tenths % 600 / 10.0);

        return $minutes < 60
            ? "{$minutes}:{$rest}"
            : sprintf('%d:%02d:%s', intdiv($minutes, 60), $minutes % 60, $rest);
    }

    /** "1.2 GB": of a file. */
    public static function bytes(int $bytes): string
    {
        foreach (['GB' => 1e9, 'MB' => 1e6, 'kB' => 1e3] as $unit => $size) {
            if ($bytes >= $size) {
                $many = (float) $bytes / $size;

                return self::withUnit(self::rounded($many, $many < 9.95 ? 1 : 0), $unit);
            }
        }

        return self::withUnit((string) $bytes, 'bytes');
    }

    private static function pair(int $large, string $largeUnit, int $small, string $smallUnit): string
    {
        return $small === 0 ? "{$large} {$largeUnit}" : "{$large} {$largeUnit} {$small} {$smallUnit}";
    }
}
