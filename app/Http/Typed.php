<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/**
 * Text from a form. Anyone can send a list where a text belongs: it is taken as nothing typed.
 */
final class Typed
{
    public static function text(Request $request, string $field): string
    {
        $value = $request->input($field);

        return is_string($value) ? trim($value) : '';
    }

    /** What was typed before the page came back with a message. */
    public static function before(string $field, string|int|null $otherwise = ''): string
    {
        $value = old($field, (string) $otherwise);

        return is_string($value) ? $value : '';
    }
}
