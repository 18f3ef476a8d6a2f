<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

/**
 * What a daemon is asked, field by field: whatever is not as it should be counts as not said.
 */
final readonly class Question
{
    /** @param array<array-key, mixed> $fields */
    public function __construct(private array $fields)
    {
    }

    public function text(string $field): string
    {
        return is_string($this->fields[$field] ?? null) ? $this->fields[$field] : '';
    }

    public function number(string $field): ?float
    {
        $value = $this->fields[$field] ?? null;

        return (is_int($value) || is_float($value)) && is_finite((float) $value) ? (float) $value : null;
    }

    public function is(string $field): bool
    {
        return ($this->fields[$field] ?? false) === true;
    }

    /** @return array<string, float> by axis id */
    public function byAxis(string $field): array
    {
        $numbers = [];
        foreach (is_array($this->fields[$field] ?? null) ? $this->fields[$field] : [] as $id => $value) {
            if ((is_int($value) || is_float($value)) && is_finite((float) $value)) {
                $numbers[(string) $id] = (float) $value;
            }
        }

        return $numbers;
    }
}
