<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
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

    public static function told(Plan $before, Plan $after, ShownUnits $units = new ShownUnits()): Text|string
    {
        [$old, $new] = array_map(static fn (Plan $plan): array => array_filter(
            self::leaves(array_diff_key(PlanWriter::toDocument($plan), ['start' => true, 'window' => true])),
            static fn (string $pointer): bool => !str_starts_with($pointer, '/end/at/'),
            ARRAY_FILTER_USE_KEY,
        ), [$before, $after]);
        [$was, $is] = [self::times($before), self::times($after)];
        $told = [];
        foreach ($is as $name => $time) {
            if (Message::forLog($time) !== Message::forLog($was[$name])) {
                $told[] = self::changed(new Message("fields.{$name}"), $was[$name], $time);
            }
        }
        foreach ($new + $old as $pointer => $value) {
            if (($old[$pointer] ?? null) !== ($new[$pointer] ?? null)) {
                $told[] = self::sentence($pointer, $old[$pointer] ?? null, $new[$pointer] ?? null, $after, $units);
            }
        }

        return match (true) {
            $told === [] => new Message('history.nothing_changed'),
            count($told) > self::MOST_TOLD => new Message('history.and_more', ['first' => $told[0], 'count' => count($told) - 1]),
            default => Joined::of($told, Joined::COMMA),
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

    private static function sentence(string $pointer, mixed $old, mixed $new, Plan $plan, ShownUnits $units): Message
    {
        $names = explode('/', ltrim($pointer, '/'));
        $field = PlanFields::at($pointer) ?? new PlanField(FieldKind::Text, $names[count($names) - 1], null);
        $name = match (true) {
            $names[0] === 'move' && $names[1] === 'keyframes' && $names[3] === 'at' => new Message('history.place_of', ['peg' => Move::peg((int) $names[2])]),
            $names[0] === 'move' && $names[1] === 'keyframes' => new Message('history.at_keyframe', [
                'field' => $field->told(), 'peg' => Move::peg((int) $names[2]),
            ]),
            $names[0] === 'thresholds' => new Message('history.threshold', ['field' => $field->told()]),
            $names[0] === 'rig' && isset($names[3]) => new Message('history.of_axis', [
                'axis' => ($plan->rig->axes[(int) $names[2]] ?? null)?->label() ?? new Message('fields.rig_axes_id'), 'field' => $field->told(),
            ]),
            default => $field->told(),
        };

        $text = static function (mixed $value) use ($units, $plan, $pointer, $field): Text|string {
            $text = self::value($field, $value);

            return is_string($text) ? $units->shown($plan, [$pointer => $text])[$pointer] : $text;
        };
        $unit = $new === null ? '' : $units->saidOf($plan, $pointer) ?? $field->unit;

        $is = self::readable($text($new));

        return self::changed($name, self::readable($text($old)), match (true) {
            $unit === '' => $is,
            is_string($unit) && str_starts_with($unit, '°') => Joined::of([$is, $unit], Joined::PLAIN),
            default => Joined::of([$is, ' ', $unit], Joined::PLAIN),
        });
    }

    /** "interval 6 → 7.9 s". */
    private static function changed(Text|string $name, Text|string $from, Text|string $to): Message
    {
        return new Message('history.changed', ['name' => $name, 'from' => $from, 'to' => $to]);
    }

    /** A number as it is read; any other text as it is. */
    private static function readable(Text|string $text): Text|string
    {
        return is_string($text) && is_numeric($text) ? Quantity::number((float) $text) : $text;
    }

    /**
     * @return array<string, Text|string> what the clock or the sky decides, as it is typed
     */
    private static function times(Plan $plan): array
    {
        return array_map(static fn (?Start $start): Text|string => $start === null ? new Message('history.none') : StartText::said($start), [
            'start' => $plan->start, 'end_at' => $plan->end?->at, 'window_from' => $plan->window?->from, 'window_until' => $plan->window?->until,
        ]);
    }

    private static function value(PlanField $field, mixed $value): Text|string
    {
        return match (true) {
            $value === null || $value === '' => new Message('history.none'),
            is_bool($value) => new Message($value ? 'history.on' : 'history.off'),
            is_float($value) && $field->kind === FieldKind::Share => new Message('units.percent', ['number' => Quantity::roundedPercent($value)]),
            is_float($value) && $field->kind === FieldKind::Number => PlainText::number((float) sprintf('%.7G', $value)),
            is_float($value) || is_int($value) => $field->kind->text($value),
            is_string($value) => $field->said($value),
            default => '?',
        };
    }
}
