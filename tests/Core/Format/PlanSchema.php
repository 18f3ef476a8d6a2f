<?php

declare(strict_types=1);

namespace Tests\Core\Format;

/**
 * The published schema of a plan, field by field.
 */
final class PlanSchema
{
    /**
     * Every field of the schema by its JSON pointer, * for a place in a list.
     *
     * @return array<string, array{schema: array<string, mixed>, needed: bool}>
     */
    public static function fields(): array
    {
        /** @var array<string, mixed> $schema */
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/docs/schema/evrent.plan-1.schema.json'), true);
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
}
