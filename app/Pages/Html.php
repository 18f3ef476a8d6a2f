<?php

declare(strict_types=1);

namespace App\Pages;

use Evrent\Core\Messages\Text;
use Evrent\Words\Words;

/**
 * What `{{ }}` puts on a page.
 */
final class Html
{
    /** As the framework's `e()`, which also takes a message: a page shows over a thousand values, and most of them are strings. */
    public static function escape(mixed $value): string
    {
        if (is_string($value) || $value instanceof Text) {
            return htmlspecialchars(is_string($value) ? $value : Words::say($value), ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
        }

        /** @var \Illuminate\Contracts\Support\Htmlable|\BackedEnum|int|float|null $value */
        return e($value);
    }
}
