<?php

declare(strict_types=1);

namespace App\Http;

use Evrent\Words\Words;
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

    /** A number as it stands in a field: with the decimal sign of the page's language. Anything else stays. */
    public static function shown(string $text): string
    {
        return preg_match('/^[-−]?\d+\.\d+$/uD', $text) === 1 ? Words::typed($text) : $text;
    }

    /** Whether a field was left as it stood there. */
    public static function isAsShown(string $typed, string $was): bool
    {
        return $typed === $was || $typed === self::shown($was);
    }

    /** What was typed before the page came back with a message. */
    public static function before(string $field, string|int|null $otherwise = ''): string
    {
        $value = old($field, (string) $otherwise);

        return is_string($value) ? $value : '';
    }
}
