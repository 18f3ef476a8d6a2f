<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use BackedEnum;
use Evrent\Core\Format\FieldKind;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\PlanField;
use Evrent\Core\Format\PlanFields;
use Evrent\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The table of fields, the published schema, the page about the format and what is written say the same.
 */
final class PlanFieldsTest extends TestCase
{
    private static function document(string $path): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3) . "/docs/{$path}");
    }

    /**
     * Every field of the schema by its JSON pointer, * for a place in a list.
     *
     * @return array<string, array{schema: array<string, mixed>, needed: bool}>
     */
    private static function schemaFields(): array
    {
        /** @var array<string, mixed> $schema */
        $schema = json_decode(self::document('schema/evrent.plan-1.schema.json'), true);
        $fields = [];
        self::walk($schema, $schema, '', $fields);

        return $fields;
    }

    /**
     * @param array<string, mixed>                                             $root
     * @param array<string, mixed>                                             $schema
     * @param array<string, array{schema: array<string, mixed>, needed: bool}> $fields
     */
    private static function walk(array $root, array $schema, string $pointer, array &$fields): void
    {
        $schema = self::resolved($root, $schema);
        /** @var array<string, array<string, mixed>> $properties */
        $properties = $schema['properties'] ?? [];
        $required = (array) ($schema['required'] ?? []);
        foreach ($properties as $name => $property) {
            $own = preg_replace('~^/move/keyframes/\*/easing/~', '/move/easing/', "{$pointer}/{$name}") ?? '';
            $fields[$own] = ['schema' => self::resolved($root, $property), 'needed' => in_array($name, $required, true)];
            self::walk($root, $property, $own, $fields);
        }
        if (is_array($schema['items'] ?? null)) {
            /** @var array<string, mixed> $items */
            $items = $schema['items'];
            self::walk($root, $items, "{$pointer}/*", $fields);
        }
        /** @var array<string, mixed> $either */
        foreach ((array) ($schema['oneOf'] ?? []) as $either) {
            self::walk($root, $either, $pointer, $fields);
        }
    }

    /**
     * @param array<string, mixed> $root
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private static function resolved(array $root, array $schema): array
    {
        $reference = $schema['$ref'] ?? null;
        if (!is_string($reference)) {
            return $schema;
        }
        /** @var array<string, array<string, mixed>> $definitions */
        $definitions = $root['$defs'];

        return $schema + $definitions[substr($reference, strlen('#/$defs/'))];
    }

    public function testTheSchemaHasTheFieldsOfTheTableAndNoOther(): void
    {
        $schema = array_keys(self::schemaFields());
        sort($schema);
        $table = PlanFields::pointers();
        sort($table);
        self::assertSame($schema, $table);
    }

    public function testTheSchemaSaysOfEachFieldWhatTheTableSays(): void
    {
        foreach (self::schemaFields() as $pointer => ['schema' => $schema, 'needed' => $needed]) {
            $field = PlanFields::at(str_replace('*', '0', $pointer));
            self::assertNotNull($field, $pointer);
            $type = $schema['type'] ?? (isset($schema['enum']) ? 'enum' : (isset($schema['const']) ? 'string' : 'either'));
            $types = match ($field->kind) {
                FieldKind::Text => ['string', 'enum'],
                FieldKind::Choice => ['enum'],
                FieldKind::Whole => ['integer', 'enum'],
                FieldKind::Flag => ['boolean'],
                FieldKind::Numbers => ['array'],
                FieldKind::Part => ['array', 'object'],
                default => ['number', 'either'],
            };
            self::assertContains($type, $types, $pointer);
            if ($field->isRead()) {
                self::assertSame($needed, $field->usual === null && !$field->mayLack, "{$pointer} is needed");
                $usual = $field->usual instanceof BackedEnum ? $field->usual->value : $field->usual;
                // A list, or a text that says nothing, is told of in words.
                self::assertEquals($usual, $schema['default'] ?? (is_array($usual) || $usual === '' ? $usual : null), "{$pointer} is usually");
            }
            if ($field->instead instanceof BackedEnum && isset($schema['enum'])) {
                self::assertEqualsCanonicalizing(array_column($field->instead::cases(), 'value'), $schema['enum'], $pointer);
            }
        }
    }

    public function testThePageAboutTheFormatNamesEveryField(): void
    {
        $page = self::document('plan-format.md');
        foreach (PlanFields::pointers() as $pointer) {
            self::assertStringContainsString(basename($pointer), $page, $pointer);
        }
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        yield from Plans::random(40);
    }

    #[DataProvider('plans')]
    public function testWhatStandsInAFieldIsReadAsItIsWritten(Plan $plan): void
    {
        foreach (FieldTexts::of($plan) as $pointer => $text) {
            if (str_ends_with($pointer, '/ramp_total') || $pointer === '/start') {
                continue;
            }
            $field = PlanFields::at($pointer);
            self::assertInstanceOf(PlanField::class, $field, $pointer);
            if ($text !== '' && $field->kind !== FieldKind::Text && $field->kind !== FieldKind::Choice) {
                self::assertSame($text, $field->kind->text($field->kind->typed($text)), $pointer);
            }
        }
    }

    public function testNoPlanHasAFieldOfAnotherName(): void
    {
        foreach (['/timing/photo', '/rig/axes/0/colour', '/nothing/at_all', ''] as $pointer) {
            self::assertNull(PlanFields::at($pointer), $pointer);
        }
    }
}
