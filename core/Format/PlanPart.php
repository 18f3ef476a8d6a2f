<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use BackedEnum;

/**
 * Reads and writes a part of a plan by the rows of `PlanFields`: for parts whose fields are what one value is made of.
 */
final class PlanPart
{
    /**
     * @template T of object
     *
     * @param string          $part  its place in `PlanFields`
     * @param class-string<T>      $class  made from what stands in the fields, by the names that they have there
     * @param array<string, mixed> $others what was read by hand and belongs to it too
     *
     * @return ?T null when something was refused, which is noted with the fields
     */
    public static function read(Fields $fields, string $part, string $class, array $others = []): ?object
    {
        $values = $others + self::values($fields, $part);
        $fields->refuseTheRest();

        return $fields->make(static fn (): object => self::made($class, $values));
    }

    /**
     * @template T of object
     *
     * @param class-string<T>      $class
     * @param array<string, mixed> $values by the names of its constructor
     *
     * @return T
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function made(string $class, array $values): object
    {
        return new $class(...$values);
    }

    /**
     * @return array<string, mixed> what stands in the part's own fields, by the names that its value has for them
     */
    public static function values(Fields $fields, string $part): array
    {
        $values = [];
        foreach (PlanFields::of($part) as $field) {
            if ($field->isRead()) {
                $values[$field->as] = $fields->valueOf($field);
            }
        }

        return $values;
    }

    /**
     * What stands in each object of a list that may be left out.
     *
     * @param string                     $part  the list's place in `PlanFields`
     * @param list<array<string, mixed>> $usual what a document means that leaves it out
     *
     * @return list<array<string, mixed>> by the names that the value has for them
     */
    public static function listed(Fields $fields, string $name, string $part, int $most, array $usual): array
    {
        if (!$fields->has($name)) {
            return $usual;
        }

        return array_map(static function (Fields $one) use ($part): array {
            $values = self::values($one, $part);
            $one->refuseTheRest();

            return $values;
        }, $fields->children($name, $most));
    }

    /**
     * @param array<string, mixed> $others by the names of fields: what is written by hand
     * @param object               ...$values that the part's fields are read into
     *
     * @return array<string, mixed> by the names of the fields, in their order; what is null is left out
     */
    public static function written(string $part, array $others, object ...$values): array
    {
        $held = array_merge(...array_map(get_object_vars(...), array_values($values)));
        $written = [];
        foreach (PlanFields::of($part) as $name => $field) {
            $value = $others[$name] ?? $held[$field->as] ?? null;
            if ($value !== null) {
                $written[$name] = $value instanceof BackedEnum ? $value->value : $value;
            }
        }

        return $written;
    }
}
