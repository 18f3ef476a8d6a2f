<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\RigWords;
use Evrent\Core\Kit\TypedKit;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Core\Values\Problems;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;
use JsonException;

/**
 * Kit in the open format evrent.kit/1, and as rows for a spreadsheet: kind, name, count, note, and a column for every number
 * that any kind has.
 */
final class KitFormat
{
    public const FORMAT = 'evrent.kit/1';
    public const MOST_ITEMS = 1_000;
    private const TEXT_COLUMNS = ['kind', 'name', 'count', 'note', 'address', 'intervals_s', ...self::WORDS];
    private const WORDS = ['axis_letters', 'status_axes', 'home_line', 'wait_line', 'trigger_lines'];

    /**
     * @param list<KitItem> $items
     */
    public static function toJson(array $items): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'items' => array_map(self::toArray(...), $items)],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        ) . "\n";
    }

    /**
     * @return array<string, float|int|string>
     */
    public static function toArray(KitItem $item): array
    {
        $address = $item->address === '' ? [] : ['address' => $item->address];

        return ['kind' => $item->kind->value, 'name' => $item->name, 'count' => $item->count, 'note' => $item->note]
            + $address + ($item->intervals === [] ? [] : ['intervals_s' => TypedKit::intervalsText($item->intervals)])
            + $item->words->texts() + $item->values;
    }

    /** One item as it is kept. */
    public static function itemToJson(KitItem $item): string
    {
        return json_encode(self::toArray($item), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /**
     * JSON or CSV, whichever it is.
     *
     * @return list<KitItem>
     *
     * @throws InvalidInput
     */
    public static function read(string $text): array
    {
        $text = ltrim($text, "\u{feff} \r\n\t");
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new InvalidInput([new Problem('', new Message('format.kit_format.utf8'))]);
        }

        return str_starts_with($text, '{') ? self::fromJson($text) : self::fromCsv($text);
    }

    /**
     * @param string $json as itemToJson gives it
     *
     * @throws InvalidInput
     */
    public static function itemFromJson(string $json): KitItem
    {
        $problems = new Problems();
        $item = self::item(json_decode($json, false, 8, JSON_THROW_ON_ERROR), '', $problems);
        $problems->throwIfAny();
        assert($item !== null);

        return $item;
    }

    /**
     * @param list<KitItem> $items
     *
     * @return iterable<list<string>>
     */
    public static function rows(array $items): iterable
    {
        $columns = self::columns();
        yield $columns;
        foreach ($items as $item) {
            $values = self::toArray($item);
            yield array_map(static function (string $column) use ($values): string {
                $value = $values[$column] ?? '';

                return is_float($value) ? PlainText::number($value) : self::cell((string) $value);
            }, $columns);
        }
    }

    /** What begins like a formula is marked as text, or a spreadsheet would work it out. */
    private static function cell(string $text): string
    {
        return preg_match("/^'*[=+\\-@\t\r]/", $text) === 1 ? "'{$text}" : $text;
    }

    private static function text(string $cell): string
    {
        return preg_match("/^'+[=+\\-@\t\r]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /**
     * @return list<KitItem>
     */
    private static function fromJson(string $text): array
    {
        try {
            $document = json_decode($text, false, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException $broken) {
            throw new InvalidInput([new Problem('', new Message('format.kit_format.not_json', ['why' => $broken->getMessage()]))]);
        }
        $problems = new Problems();
        $fields = new Fields($document, '', $problems);
        if ($fields->text('format') !== self::FORMAT) {
            throw new InvalidInput([new Problem('/format', new Message('format.kit_format.format', ['format' => self::FORMAT]))]);
        }
        $items = $fields->items('items', self::MOST_ITEMS, static fn (mixed $item, string $pointer): ?KitItem => self::item($item, $pointer, $problems));
        $fields->refuseTheRest();
        $problems->throwIfAny();

        return array_values(array_filter($items));
    }

    private static function item(mixed $document, string $pointer, Problems $problems): ?KitItem
    {
        $fields = new Fields($document, $pointer, $problems);
        $kind = $fields->choice('kind', KitKind::class, KitKind::Cable);
        $name = $fields->text('name');
        $count = $fields->whole('count', 1, 1);
        $note = $fields->has('note') ? $fields->text('note') : '';
        $address = $fields->has('address') ? $fields->text('address') : '';
        $intervals = TypedKit::intervals($fields->has('intervals_s') ? $fields->text('intervals_s') : '');
        if ($intervals === null) {
            $problems->add("{$pointer}/intervals_s", new Message('format.kit_format.quoted'));
        }
        $words = [];
        foreach (self::WORDS as $field) {
            $words += $fields->has($field) ? [$field => $fields->text($field)] : [];
        }
        $values = [];
        foreach ($fields->rest() as $field) {
            $values[$field] = $fields->number($field, 1);
        }

        return $fields->make(static fn (): KitItem => new KitItem($kind, $name, $values, $count, $note, $address, RigWords::of($words), $intervals ?? []));
    }

    /**
     * @return list<KitItem>
     */
    private static function fromCsv(string $text): array
    {
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", rtrim($text)));
        $header = array_map(trim(...), array_map(strval(...), str_getcsv($lines[0], self::separator($lines[0]), '"', '')));
        if (!in_array('kind', $header, true) || !in_array('name', $header, true)) {
            throw new InvalidInput([new Problem(
                '',
                new Message('format.kit_format.columns'),
            )]);
        }
        $problems = new Problems();
        foreach (array_diff($header, self::columns()) as $unknown) {
            $problems->add("/{$unknown}", new Message('format.kit_format.column'));
        }
        $problems->throwIfAny();
        $items = [];
        foreach (array_slice($lines, 1, self::MOST_ITEMS, true) as $row => $line) {
            if (trim($line) !== '') {
                $cells = str_getcsv($line, self::separator($lines[0]), '"', '');
                $items[] = self::row(
                    array_combine($header, array_map(static fn (int $i): string => trim($cells[$i] ?? ''), array_keys($header))),
                    'row ' . ($row + 1),
                    $problems,
                );
            }
        }
        $problems->throwIfAny();

        return array_values(array_filter($items));
    }

    /**
     * @param array<string, string> $cells
     */
    private static function row(array $cells, string $where, Problems $problems): ?KitItem
    {
        $kind = KitKind::tryFrom($cells['kind']);
        if ($kind === null) {
            $problems->add("/{$where}/kind", new Message('format.kit_format.kind', ['x' => implode(', ', array_column(KitKind::cases(), 'value'))]));

            return null;
        }
        $values = [];
        foreach (array_diff_key($cells, array_flip(self::TEXT_COLUMNS)) as $field => $text) {
            if ($text !== '') {
                $values[$field] = TypedText::number($text) ?? NAN;
            }
        }
        $count = ($cells['count'] ?? '') === '' ? 1.0 : TypedText::number($cells['count']) ?? NAN;
        try {
            $whole = is_nan($count) || floor($count) !== $count ? -1 : (int) $count;

            $text = static fn (string $column): string => self::text($cells[$column] ?? '');
            $words = array_combine(self::WORDS, array_map($text, self::WORDS));

            $intervals = TypedKit::intervals($cells['intervals_s'] ?? '') ?? throw new InvalidInput([
                new Problem('/intervals_s', new Message('format.kit_format.intervals')),
            ]);

            return new KitItem($kind, $text('name'), $values, $whole, $text('note'), $text('address'), RigWords::of($words), $intervals);
        } catch (InvalidInput $invalid) {
            $problems->addAllUnder("/{$where}", $invalid);

            return null;
        }
    }

    private static function separator(string $header): string
    {
        return substr_count($header, ';') > substr_count($header, ',') ? ';' : ',';
    }

    /**
     * @return list<string>
     */
    private static function columns(): array
    {
        $numbers = [];
        foreach (KitKind::cases() as $kind) {
            $numbers += $kind->fields();
        }

        return [...self::TEXT_COLUMNS, ...array_keys($numbers)];
    }
}
