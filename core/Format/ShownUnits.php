<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Units;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * The units that a shooter reads and types in. Plans keep millimetres, metres and degrees Celsius whatever these are; a number may be
 * typed with any unit of its kind behind it.
 */
final readonly class ShownUnits extends Units
{
    private const OF_AN_AXIS = '~^/rig/axes/(\d+)/(?:min|max|max_speed|min_speed|quiet_speed|max_acceleration|backlash)$~';

    private const STEP = '/held/step_';

    /** In a foot. */
    private const INCHES = 12.0;

    /** Digits after the point that a hand can tell. */
    private const DECIMALS = ['mm' => 3, 'cm' => 4, 'in' => 4, 'm' => 3, 'ft' => 2, '°C' => 1, '°F' => 1];

    /** The unit that stands behind a field; null where it has none of these kinds. */
    public function unitOf(Plan $plan, string $pointer): ?string
    {
        return match (true) {
            in_array($pointer, ['/optics/foreground_m', '/optics/subject_m', '/optics/background_m', '/optics/focus_m'], true) => $this->distance,
            str_starts_with($pointer, self::STEP) => $plan->rig->axis(substr($pointer, strlen(self::STEP)))?->kind === AxisKind::Linear ? $this->rig : null,
            $pointer === '/power/temperature_c' => $this->temperature,
            default => self::axisOf($plan, $pointer)?->kind === AxisKind::Linear ? $this->rig : null,
        };
    }

    /** The unit that is said behind a value of a field of an axis or a keyframe too: "mm/s", "°". Null where it is not for these to say. */
    public function saidOf(Plan $plan, string $pointer): ?string
    {
        $axis = self::axisOf($plan, $pointer);

        return $axis === null ? $this->unitOf($plan, $pointer) : $this->ofAxis($axis->kind) . match (basename($pointer)) {
            'max_speed', 'min_speed', 'quiet_speed' => '/s',
            'max_acceleration' => '/s²',
            default => '',
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
        if ($this->areThePlans()) {
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
        [$number, $unit] = self::feetAndInches(trim($text), $unit);
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
     * Feet and inches as carpenters write them: 5′ 6″, 40', 24", 5 ft 6 in.
     *
     * @return array{string, string} number and unit; as they came where it is none of these
     */
    private static function feetAndInches(string $text, string $unit): array
    {
        $isLength = isset(self::RIG[$unit]) || isset(self::DISTANCE[$unit]);
        $feet = '(?<feet>\d+(?:\.\d+)?)\s*(?:ft|feet|foot|′|\')';
        $inches = '(?<inches>\d+(?:\.\d+)?)\s*(?:in|inch|inches|″|")';
        if (!$isLength || preg_match("~^(?:{$feet}\\s*(?:{$inches})?|(?<only>\\d+(?:\\.\\d+)?)\\s*(?:inch|inches|″|\"))$~uD", $text, $part) !== 1) {
            return [$text, $unit];
        }
        $total = self::INCHES * (float) $part['feet'] + (float) ($part['inches'] ?? 0) + (float) ($part['only'] ?? 0);

        return isset(self::RIG[$unit]) ? [PlainText::number($total), 'in'] : [PlainText::number($total / self::INCHES), 'ft'];
    }

    /**
     * @return array{float, float}
     */
    private static function scale(string $unit): array
    {
        return (self::RIG + self::DISTANCE + self::TEMPERATURE)[$unit];
    }

    /** The axis that a field of a keyframe or of the rig is about. */
    private static function axisOf(Plan $plan, string $pointer): ?Axis
    {
        return match (true) {
            preg_match('~^/move/keyframes/\d+/([^/]+)$~', $pointer, $found) === 1 => array_column($plan->rig->axes, null, 'id')[$found[1]] ?? null,
            preg_match(self::OF_AN_AXIS, $pointer, $found) === 1 => $plan->rig->axes[(int) $found[1]] ?? null,
            default => null,
        };
    }
}
