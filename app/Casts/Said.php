<?php

declare(strict_types=1);

namespace App\Casts;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A sentence in a column: a message as its key and arguments; what an earlier version stored is the text that it was.
 *
 * @implements CastsAttributes<Text|string, Text|string>
 */
final class Said implements CastsAttributes
{
    /**
     * @param array<string, mixed> $attributes
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): Text|string
    {
        return Message::stored(is_string($value) ? $value : '');
    }

    /**
     * @param array<string, mixed> $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return $value instanceof Text || is_string($value) ? Message::toStore($value) : '';
    }
}
