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

    public function testTheSchemaHasTheFieldsOfTheTableAndNoOther(): void
    {
        $schema = array_keys(PlanSchema::fields());
        sort($schema);
        $table = PlanFields::pointers();
        sort($table);
        self::assertSame($schema, $table);
    }

    public function testTheSchemaSaysOfEachFieldWhatTheTableSays(): void
    {
        foreach (PlanSchema::fields() as $pointer => ['schema' => $schema, 'needed' => $needed]) {
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
        yield from Plans::drawn(40);
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
