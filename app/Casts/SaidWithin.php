<?php

declare(strict_types=1);

namespace App\Casts;

use Evrent\Core\Messages\Message;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * A JSON column with sentences among its values: each comes back as the message that it was, as deep as it lies.
 *
 * @implements CastsAttributes<array<array-key, mixed>, mixed>
 */
final class SaidWithin implements CastsAttributes
{
    private const DEPTH = 32;

    /**
     * @param array<string, mixed> $attributes
     *
     * @return ?array<array-key, mixed>
     */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $kept = is_string($value) ? json_decode($value, true, self::DEPTH, JSON_THROW_ON_ERROR) : null;

        return is_array($kept) ? array_map(self::revived(...), $kept) : null;
    }

    /**
     * @param array<string, mixed> $attributes
     */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    private static function revived(mixed $kept): mixed
    {
        return match (true) {
            !is_array($kept) => $kept,
            is_string($kept['key'] ?? null) && array_diff_key($kept, ['key' => true, 'arguments' => true]) === [] => Message::of($kept),
            default => array_map(self::revived(...), $kept),
        };
    }
}
