<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Body;

use Evrent\Core\Light\Marks;

/**
 * One entry of a body's list, and what it stands for.
 */
final readonly class Choice
{
    /** As people read it and as bodies write it: "1/125", "0.5 s", 1.3", f/5.6, 5200 K. Fractions also of odd seconds: 1/1.3, 10/13. */
    private const NUMBER = '(\d+(?:[.,]\d+)?)';

    /** Bulb is all ones to some, and is shown as that many ten-thousandths of a second. */
    private const ALL_ONES = 400_000.0;

    /** Kelvin that a kind of light is set to, by how its name begins. */
    private const LIGHTS = [
        'daylight' => 5_200.0, 'direct sun' => 5_200.0, 'sunny' => 5_200.0, 'sunlight' => 5_200.0, 'flash' => 5_500.0, 'cloud' => 6_000.0,
        'shad' => 7_000.0, 'tungsten' => 3_000.0, 'incandescent' => 3_000.0, 'fluorescent' => 4_000.0,
    ];

    /**
     * @param string $entry exactly as the body has it
     * @param ?float $value seconds, f-number, ISO or kelvin; INF for bulb; null for what stands for no number, such as "auto"
     */
    private function __construct(public string $entry, public ?float $value)
    {
    }

    public static function of(BodySetting $setting, string $entry): self
    {
        $text = strtolower(trim($entry));

        return new self($entry, match ($setting) {
            BodySetting::ShutterTime => self::seconds($text),
            BodySetting::Aperture => self::number('~^(?:f\s*/?\s*)?' . self::NUMBER . '$~D', $text),
            BodySetting::Iso => self::number('~^(?:iso\s*)?' . self::NUMBER . '$~D', $text),
            BodySetting::WhiteBalance => self::kelvin($text),
        });
    }

    public function isBulb(): bool
    {
        return $this->value === INF;
    }

    private static function seconds(string $text): ?float
    {
        if (preg_match('/^bulb\b/', $text) === 1) {
            return INF;
        }
        if (preg_match('~^' . self::NUMBER . '\s*/\s*' . self::NUMBER . '\s*(?:s|sec|")?$~D', $text, $part) === 1) {
            $below = self::float($part[2]);

            return $below > 0.0 && self::float($part[1]) > 0.0 ? self::float($part[1]) / $below : null;
        }
        $seconds = self::number('~^' . self::NUMBER . '\s*(?:s|sec|")?$~D', $text);
        if ($seconds === null || $seconds > self::ALL_ONES) {
            return $seconds === null ? null : INF;
        }
        // "0.0080s" and "0.3" are marks that were written down short: 1/125, and a third of a second is 0.3 on every dial.
        $mark = Marks::shutterNearest($seconds, true);

        return $mark < 1.0 && abs($seconds - $mark) < 0.5 * self::lastDigit($text) ? $mark : $seconds;
    }

    /** What the last digit behind its point is worth; 0 where it has none. */
    private static function lastDigit(string $text): float
    {
        return preg_match('/[.,](\d+)/', $text, $part) === 1 ? 10.0 ** -strlen($part[1]) : 0.0;
    }

    private static function kelvin(string $text): ?float
    {
        $kelvin = self::number('~^' . self::NUMBER . '\s*k?$~D', $text);
        if ($kelvin !== null) {
            return $kelvin >= 1_000.0 ? $kelvin : null;
        }
        foreach (self::LIGHTS as $begins => $is) {
            if (str_starts_with($text, $begins)) {
                return $is;
            }
        }

        return null;
    }

    private static function number(string $pattern, string $text): ?float
    {
        $number = preg_match($pattern, $text, $part) === 1 ? self::float($part[1]) : 0.0;

        return $number > 0.0 ? $number : null;
    }

    private static function float(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }
}
