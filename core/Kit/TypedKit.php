<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

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
        $kind = KitKind::tryFrom($text('kind')) ?? throw new InvalidInput([new Problem('/kind', 'Choose what it is.')]);
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
                    ? 'Enter a number, such as 16, or 2000 mAh 7.2 V.'
                    : 'Enter a number, such as 8 or 0.5.');
                continue;
            }
            $values[$field] = $value;
        }
        $count = $text('count') === '' ? 1.0 : TypedText::number($text('count'));
        if ($count === null || floor($count) !== $count || $count < 1.0 || $count > 1_000.0) {
            $problems->add('/count', 'Enter how many there are, from 1 to 1,000.');
            $count = 1.0;
        }
        $item = null;
        try {
            $item = new KitItem($kind, $text('name'), $values, (int) $count, $text('note'), $text('address'), RigWords::of($typed));
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
     * @return array<string, string> what stands in each field
     */
    public static function texts(KitItem $item): array
    {
        return [
            'name' => $item->name, 'count' => (string) $item->count, 'note' => $item->note, 'address' => $item->address,
        ] + $item->words->texts() + array_map(PlainText::number(...), $item->values);
    }
}
