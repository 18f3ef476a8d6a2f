<?php

declare(strict_types=1);

namespace Evrent\Core\Values;

/**
 * Values never change: a changed one is a copy with some of its constructor's arguments replaced.
 */
final class Copy
{
    /**
     * @template T of object
     *
     * @param T                    $original whose properties are its constructor's arguments
     * @param array<array-key, mixed> $own      its properties by name
     * @param array<string, mixed> $changes  by the same names
     *
     * @return T
     *
     * @throws InvalidInput what the constructor refuses
     */
    public static function of(object $original, array $own, array $changes): object
    {
        $class = $original::class;

        return new $class(...array_replace($own, $changes));
    }
}
