<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Words\PlainText;

/**
 * What differs between two plans, in words for the history: "interval 8 → 10 s".
 */
final class PlanChanges
{
    /** More than this is told as a count. */
    private const MOST_TOLD = 3;

    private const NAMES = [
        'frames_per_second' => ['frames per second', ''],
        'photos' => ['photos', ''],
        'head_photos' => ['photos before', ''],
        'tail_photos' => ['photos after', ''],
        'interval_s' => ['interval', ' s'],
        'interval_means' => ['interval means', ''],
        'exposure_s' => ['exposure', ' s'],
        'start_delay_s' => ['start delay', ' s'],
        'post_exposure_delay_s' => ['delay after exposure', ' s'],
        'settle_s' => ['settling', ' s'],
        'shutter_lag_s' => ['shutter lag', ' s'],
        'write_s' => ['card writing', ' s'],
        'buffer_frames' => ['buffer', ''],
        'long_exposure_noise_reduction' => ['noise reduction', ''],
        'ramp_in' => ['ramp in', ''],
        'ramp_out' => ['ramp out', ''],
        'steps_per_unit' => ['steps per unit', ''],
        'max_speed' => ['top speed', ''],
        'max_acceleration' => ['acceleration', ''],
        'hold_photos' => ['held photos', ''],
        'by' => ['fired by', ''],
        'camera_interval_s' => ['camera’s timer', ' s'],
        'drift_ppm' => ['its drift', ' ppm'],
        'camera_starts_s' => ['camera starts', ' s'],
        'count_limit' => ['counts to', ''],
        'next_file_number' => ['next file', ''],
        'ramp_entry' => ['controller’s ramp', ''],
        'iso' => ['ISO', ''],
        'iso_changes' => ['ISO by photo', ''],
        'nd_stops' => ['ND filter', ' stops'],
        'isos' => ['ISO numbers', ''],
        'longest_s' => ['longest exposure', ' s'],
        'shortest_s' => ['shortest exposure', ' s'],
        'cards_gb' => ['cards', ' GB'],
        'temperature_c' => ['temperature', ' °C'],
        'incline_deg' => ['incline', '°'],
        'latitude_deg' => ['latitude', '°'],
        'longitude_deg' => ['longitude', '°'],
    ];

    public static function told(Plan $before, Plan $after): string
    {
        $old = self::leaves(array_diff_key(PlanWriter::toDocument($before), ['start' => true]));
        $new = self::leaves(array_diff_key(PlanWriter::toDocument($after), ['start' => true]));
        $told = self::start($before) === self::start($after) ? [] : ['start ' . self::start($before) . ' → ' . self::start($after)];
        foreach ($new + $old as $pointer => $value) {
            if (($old[$pointer] ?? null) !== ($new[$pointer] ?? null)) {
                $told[] = self::sentence($pointer, $old[$pointer] ?? null, $new[$pointer] ?? null, $after);
            }
        }

        return match (true) {
            $told === [] => 'nothing changed',
            count($told) > self::MOST_TOLD => sprintf('%s and %d more', $told[0], count($told) - 1),
            default => implode(', ', $told),
        };
    }

    /**
     * What another program has to set in the one plan's document to make it the other's: whole values where lists differ in
     * length, single ones otherwise.
     *
     * @return array<string, mixed> new values by JSON pointer; null for a field that goes
     */
    public static function values(Plan $before, Plan $after): array
    {
        return self::differing(PlanWriter::toDocument($before), PlanWriter::toDocument($after), '');
    }

    /**
     * @param array<array-key, mixed> $old
     * @param array<array-key, mixed> $new
     *
     * @return array<string, mixed>
     */
    private static function differing(array $old, array $new, string $pointer): array
    {
        $differing = [];
        foreach (array_keys(array_diff_key($old, $new)) as $name) {
            $differing["{$pointer}/{$name}"] = null;
        }
        foreach ($new as $name => $value) {
            $was = $old[$name] ?? null;
            if ($value === $was) {
                continue;
            }
            $inside = is_array($value) && is_array($was) && (!array_is_list($value) || count($value) === count($was));
            $differing += $inside ? self::differing($was, $value, "{$pointer}/{$name}") : ["{$pointer}/{$name}" => $value];
        }

        return $differing;
    }

    /**
     * @param array<array-key, mixed> $document
     *
     * @return array<string, string|float|int|bool|null> by JSON pointer
     */
    private static function leaves(array $document, string $pointer = ''): array
    {
        $leaves = [];
        foreach ($document as $name => $value) {
            if (is_array($value) && in_array($name, ['interval_s', 'exposure_s'], true)) {
                $leaves["{$pointer}/{$name}"] = implode(', ', array_map(
                    static fn (mixed $key): string => is_array($key) && is_float($key[$name] ?? null) ? PlainText::exposure($key[$name]) : '',
                    $value,
                ));
            } elseif (is_array($value) && ($name === 'iso_changes' || $value !== [] && array_is_list($value) && is_float($value[0]))) {
                $leaves["{$pointer}/{$name}"] = implode(', ', array_map(static fn (mixed $one): string => match (true) {
                    is_float($one) => PlainText::number($one),
                    is_array($one) && is_float($one['iso'] ?? null) => PlainText::number($one['iso']),
                    default => '',
                }, $value));
            } elseif (is_array($value)) {
                $leaves += self::leaves($value, "{$pointer}/{$name}");
            } elseif (is_scalar($value) || $value === null) {
                $leaves["{$pointer}/{$name}"] = $value;
            }
        }

        return $leaves;
    }

    private static function sentence(string $pointer, mixed $old, mixed $new, Plan $plan): string
    {
        $names = explode('/', ltrim($pointer, '/'));
        $field = $names[count($names) - 1];
        [$name, $unit] = self::NAMES[$field] ?? [str_replace('_', ' ', $field), ''];
        if ($names[0] === 'move' && $names[1] === 'keyframes') {
            $name .= ' at ' . self::peg((int) $names[2]);
        }
        if ($names[0] === 'thresholds') {
            $name = 'told from ' . str_replace('_', ' ', $field);
            $unit = '';
        }
        if ($names[0] === 'rig' && isset($names[2])) {
            $name = ($plan->rig->axes[(int) $names[2]]->id ?? 'axis') . ' ' . $name;
        }

        return trim(sprintf('%s %s → %s', $name, self::value($field, $old), self::value($field, $new) . $unit));
    }

    private static function start(Plan $plan): string
    {
        return $plan->start === null ? 'none' : StartText::write($plan->start);
    }

    /** The letter of a keyframe: A, B … Z, AA … */
    public static function peg(int $index): string
    {
        return ($index >= 26 ? self::peg(intdiv($index, 26) - 1) : '') . chr(65 + $index % 26);
    }

    private static function value(string $field, mixed $value): string
    {
        return match (true) {
            $value === null => 'none',
            is_bool($value) => $value ? 'on' : 'off',
            is_float($value) && str_starts_with($field, 'ramp_') => PlainText::percent($value) . ' %',
            $field === 'exposure_s' && is_float($value) => PlainText::exposure($value),
            is_float($value) || is_int($value) => PlainText::number((float) $value),
            is_string($value) => $value,
            default => '?',
        };
    }
}
