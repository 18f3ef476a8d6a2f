<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * A piece of kit as it is typed into its fields.
 */
final class TypedKit
{
    /**
     * @param array<array-key, mixed> $typed kind, name, count, note, and the kind's numbers
     *
     * @throws InvalidInput with the field's name as pointer
     */
    public static function read(array $typed): KitItem
    {
        $text = static fn (string $field): string => is_string($typed[$field] ?? null) ? trim($typed[$field]) : '';
        $kind = KitKind::tryFrom($text('kind')) ?? throw new InvalidInput([new Problem('/kind', new Message('kit.typed_kit.kind'))]);
        $values = [];
        $problems = new Problems();
        foreach ($kind->fields() as $field => $known) {
            if ($text($field) === '') {
                continue;
            }
            $value = match (true) {
                str_ends_with($field, '_s') => TypedText::seconds($text($field)),
                str_ends_with($field, '_wh') => TypedText::wattHours($text($field)),
                default => TypedText::number($text($field)),
            };
            if ($value === null) {
                $problems->add("/{$field}", str_ends_with($field, '_wh')
                    ? new Message('kit.typed_kit.capacity')
                    : new Message('kit.typed_kit.number'));
                continue;
            }
            $values[$field] = $value;
        }
        $count = $text('count') === '' ? 1.0 : TypedText::number($text('count'));
        if ($count === null || floor($count) !== $count || $count < 1.0 || $count > 1_000.0) {
            $problems->add('/count', new Message('kit.typed_kit.count'));
            $count = 1.0;
        }
        $intervals = self::intervals($text('intervals_s'));
        if ($intervals === null) {
            $problems->add('/intervals_s', new Message('kit.typed_kit.intervals'));
        }
        $item = null;
        try {
            $item = new KitItem($kind, $text('name'), $values, (int) $count, $text('note'), $text('address'), RigWords::of($typed), $intervals ?? []);
        } catch (InvalidInput $invalid) {
            foreach ($invalid->problems as $problem) {
                $problems->add($problem->pointer, $problem->message);
            }
        }
        $problems->throwIfAny();
        assert($item !== null);

        return $item;
    }

    /**
     * "1 2 5 10", "1, 2, 5 s, 1 min".
     *
     * @return ?list<float> seconds, shortest first; null where one cannot be read
     */
    public static function intervals(string $text): ?array
    {
        $joined = (string) preg_replace('/(\d)\s+(h|min|m|s)\b/iu', '$1$2', trim($text));
        $intervals = [];
        foreach (explode(' ', (string) preg_replace('/[\s;]+|,\s+/u', ' ', $joined)) as $word) {
            array_push($intervals, ...array_map(TypedText::seconds(...), TypedText::seconds($word) === null ? explode(',', $word) : [$word]));
        }
        $intervals = $joined === '' ? [] : $intervals;
        if (in_array(null, $intervals, true)) {
            return null;
        }
        /** @var list<float> $intervals */
        sort($intervals);

        return array_values(array_unique($intervals));
    }

    /** @param list<float> $intervals seconds */
    public static function intervalsText(array $intervals): string
    {
        return implode(' ', array_map(PlainText::number(...), $intervals));
    }

    /**
     * @return array<string, string> what stands in each field
     */
    public static function texts(KitItem $item): array
    {
        $intervals = $item->kind->hasTimer() ? ['intervals_s' => self::intervalsText($item->intervals)] : [];

        return [
            'name' => $item->name, 'count' => (string) $item->count, 'note' => $item->note, 'address' => $item->address,
        ] + $intervals + $item->words->texts() + array_map(PlainText::number(...), $item->values);
    }
}
