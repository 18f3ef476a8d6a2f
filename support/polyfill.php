<?php

declare(strict_types=1);

// Two functions of PHP 8.5 that the framework calls, for PHP 8.2.

if (!function_exists('array_first')) {
    /**
     * @template T
     *
     * @param array<array-key, T> $array
     *
     * @return ?T
     */
    function array_first(array $array): mixed
    {
        foreach ($array as $value) {
            return $value;
        }

        return null;
    }
}

if (!function_exists('array_last')) {
    /**
     * @template T
     *
     * @param array<array-key, T> $array
     *
     * @return ?T
     */
    function array_last(array $array): mixed
    {
        return $array === [] ? null : $array[array_key_last($array)];
    }
}
