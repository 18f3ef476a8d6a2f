<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/**
 * Text that is none comes as text with a mark in the place of what cannot be read, so that it is refused by its field and goes no
 * further: neither the database nor a page holds other bytes.
 */
final class ReadableText extends TransformsRequest
{
    protected function transform($key, $value): mixed
    {
        return is_string($value) ? str_replace("\0", "\u{FFFD}", mb_scrub($value, 'UTF-8')) : $value;
    }

    /**
     * @param array<array-key, mixed> $data
     * @param string                  $keyPrefix
     *
     * @return array<array-key, mixed>
     */
    protected function cleanArray(array $data, $keyPrefix = ''): array
    {
        $clean = [];
        foreach ($data as $key => $value) {
            $name = is_string($key) ? $this->transform('', $key) : $key;
            $clean[is_string($name) ? $name : $key] = is_array($value) ? $this->cleanArray($value, $keyPrefix) : $this->transform($keyPrefix . $key, $value);
        }

        return $clean;
    }
}
