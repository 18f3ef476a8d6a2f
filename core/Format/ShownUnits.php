<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * The units that a shooter reads and types in. Plans keep millimetres, metres and degrees Celsius whatever these are; a number may be
 * typed with any unit of its kind behind it.
 */
final readonly class ShownUnits
{
    /** Units by kind: how many of them one of the plan's is, and what is added. */
    public const RIG = ['mm' => [1.0, 0.0], 'cm' => [0.1, 0.0], 'in' => [1.0 / 25.4, 0.0]];
    public const DISTANCE = ['m' => [1.0, 0.0], 'ft' => [1.0 / 0.3048, 0.0]];
    public const TEMPERATURE = ['°C' => [1.0, 0.0], '°F' => [1.8, 32.0]];

    /** Digits after the point that a hand can tell. */
    private const DECIMALS = ['mm' => 3, 'cm' => 4, 'in' => 4, 'm' => 3, 'ft' => 2, '°C' => 1, '°F' => 1];

    /**
     * @param key-of<self::RIG>         $rig
     * @param key-of<self::DISTANCE>    $distance
     * @param key-of<self::TEMPERATURE> $temperature
     */
    public function __construct(public string $rig = 'mm', public string $distance = 'm', public string $temperature = '°C')
    {
    }

    public function ofAxis(AxisKind $kind): string
    {
        return $kind === AxisKind::Linear ? $this->rig : $kind->unit();
    }

    /** How many of the unit shown a millimetre or a degree of an axis is. */
    public function factorOf(AxisKind $kind): float
    {
        return $kind === AxisKind::Linear ? self::RIG[$this->rig][0] : 1.0;
    }

    /** A position, a travel or a step of an axis, with its unit. */
    public function axisText(AxisKind $kind, float $value, int $decimals = 2): string
    {
        return PlainText::withUnit(PlainText::rounded($value * $this->factorOf($kind), $decimals), $this->ofAxis($kind));
    }

    /** The unit that stands behind a field; null where it has none of these kinds. */
    public function unitOf(Plan $plan, string $pointer): ?string
    {
        return match (true) {
            in_array($pointer, ['/optics/foreground_m', '/optics/subject_m', '/optics/background_m'], true) => $this->distance,
            $pointer === '/power/temperature_c' => $this->temperature,
            preg_match('~^/move/keyframes/\d+/([^/]+)$~', $pointer, $found) === 1 => self::isLinear($plan, $found[1]) ? $this->rig : null,
            preg_match('~^/rig/axes/(\d+)/(min|max|max_speed|max_acceleration|backlash)$~', $pointer, $found) === 1
                => ($plan->rig->axes[(int) $found[1]] ?? null)?->kind === AxisKind::Linear ? $this->rig : null,
            default => null,
        };
    }

    /**
     * Texts of fields as they are shown.
     *
     * @param array<string, string> $texts by pointer, in the plan's units
     *
     * @return array<string, string> by pointer
     */
    public function shown(Plan $plan, array $texts): array
    {
        if ($this->rig === 'mm' && $this->distance === 'm' && $this->temperature === '°C') {
            return $texts;
        }
        foreach ($texts as $pointer => $text) {
            $unit = $this->unitOf($plan, $pointer);
            if ($unit !== null && is_numeric($text)) {
                [$times, $plus] = self::scale($unit);
                $texts[$pointer] = PlainText::number(round((float) $text * $times + $plus, self::DECIMALS[$unit]));
            }
        }

        return $texts;
    }

    /** What was typed into a field, in the plan's unit. A unit typed behind the number wins over the one shown. */
    public function typed(Plan $plan, string $pointer, string $text): string
    {
        $unit = $this->unitOf($plan, $pointer);

        return $unit === null ? $text : self::read($text, $unit);
    }

    /** A position typed for an axis, in millimetres or degrees: without a unit it is in these already. */
    public static function position(AxisKind $kind, string $text): string
    {
        return $kind === AxisKind::Linear ? self::read($text, 'mm') : $text;
    }

    private static function read(string $text, string $unit): string
    {
        $number = trim($text);
        foreach ([self::RIG, self::DISTANCE, self::TEMPERATURE] as $kind) {
            if (!isset($kind[$unit])) {
                continue;
            }
            foreach (array_keys($kind) as $other) {
                if (preg_match('/^(.*\d)\s*' . preg_quote($other, '/') . '$/ui', $number, $found) === 1) {
                    [$number, $unit] = [$found[1], $other];
                    break;
                }
            }
        }
        $value = TypedText::number($number);
        [$times, $plus] = self::scale($unit);

        return $value === null || ($times === 1.0 && $plus === 0.0) ? $number : PlainText::number(round(($value - $plus) / $times, 6));
    }

    /**
     * @return array{float, float}
     */
    private static function scale(string $unit): array
    {
        return (self::RIG + self::DISTANCE + self::TEMPERATURE)[$unit];
    }

    private static function isLinear(Plan $plan, string $axisId): bool
    {
        foreach ($plan->rig->axes as $axis) {
            if ($axis->id === $axisId) {
                return $axis->kind === AxisKind::Linear;
            }
        }

        return false;
    }
}
