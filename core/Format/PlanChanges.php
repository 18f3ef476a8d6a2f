<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Motion\Move;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Start;
use Evrent\Core\Words\PlainText;

/**
 * What differs between two plans, in words for the history: "interval 8 → 10 s".
 */
final class PlanChanges
{
    /** More than this is told as a count. */
    private const MOST_TOLD = 3;

    public static function told(Plan $before, Plan $after, ShownUnits $units = new ShownUnits()): string
    {
        [$old, $new] = array_map(static fn (Plan $plan): array => array_filter(
            self::leaves(array_diff_key(PlanWriter::toDocument($plan), ['start' => true, 'window' => true])),
            static fn (string $pointer): bool => !str_starts_with($pointer, '/end/at/'),
            ARRAY_FILTER_USE_KEY,
        ), [$before, $after]);
        [$was, $is] = [self::times($before), self::times($after)];
        $told = [];
        foreach ($is as $name => $time) {
            if ($time !== $was[$name]) {
                $told[] = "{$name} {$was[$name]} → {$time}";
            }
        }
        foreach ($new + $old as $pointer => $value) {
            if (($old[$pointer] ?? null) !== ($new[$pointer] ?? null)) {
                $told[] = self::sentence($pointer, $old[$pointer] ?? null, $new[$pointer] ?? null, $after, $units);
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
            if (is_array($value) && in_array("{$pointer}/{$name}", ['/timing/interval_s', '/timing/exposure_s'], true)) {
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

    private static function sentence(string $pointer, mixed $old, mixed $new, Plan $plan, ShownUnits $units): string
    {
        $names = explode('/', ltrim($pointer, '/'));
        $field = PlanFields::at($pointer) ?? new PlanField(FieldKind::Text, $names[count($names) - 1], null);
        $name = match (true) {
            $names[0] === 'move' && $names[1] === 'keyframes' && $names[3] === 'at' => 'place of ' . Move::peg((int) $names[2]),
            $names[0] === 'move' && $names[1] === 'keyframes' => $field->told() . ' at ' . Move::peg((int) $names[2]),
            $names[0] === 'thresholds' => "told from {$field->told()}",
            $names[0] === 'rig' && isset($names[3]) => ($plan->rig->axes[(int) $names[2]]->id ?? 'axis') . " {$field->told()}",
            default => $field->told(),
        };

        $text = static fn (mixed $value): string => $units->shown($plan, [$pointer => self::value($field, $value)])[$pointer];
        $unit = $new === null ? '' : $units->saidOf($plan, $pointer) ?? $field->unit;

        $behind = str_starts_with($unit, '°') || $unit === '' ? $unit : " {$unit}";

        return trim(sprintf('%s %s → %s', $name, self::readable($text($old)), self::readable($text($new)) . $behind));
    }

    /** A number as it is read, with the sign that is one; any other text as it is. */
    private static function readable(string $text): string
    {
        return is_numeric($text) ? str_replace('-', '−', $text) : $text;
    }

    /**
     * @return array<string, string> what goes by a clock or the sky, as it is typed
     */
    private static function times(Plan $plan): array
    {
        return array_map(static fn (?Start $start): string => $start === null ? 'none' : StartText::write($start), [
            'start' => $plan->start, 'end' => $plan->end?->at, 'each day from' => $plan->window?->from, 'each day until' => $plan->window?->until,
        ]);
    }

    private static function value(PlanField $field, mixed $value): string
    {
        return match (true) {
            $value === null || $value === '' => 'none',
            is_bool($value) => $value ? 'on' : 'off',
            is_float($value) && $field->kind === FieldKind::Share => PlainText::roundedPercent($value) . ' %',
            is_float($value) && $field->kind === FieldKind::Number => PlainText::number((float) sprintf('%.7G', $value)),
            is_float($value) || is_int($value) => $field->kind->text($value),
            is_string($value) => $value,
            default => '?',
        };
    }
}
