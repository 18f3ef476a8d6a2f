<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use JsonException;

/**
 * What a device's daemon answers: fields, and a picture where one was asked for. On the socket that is a line of JSON, and then the picture's bytes.
 */
final readonly class Answer
{
    /**
     * @param array<array-key, mixed> $fields
     * @param string                  $picture JPEG; empty where there is none
     */
    public function __construct(public array $fields, public string $picture = '')
    {
    }

    /** Why it was not done; null where it was. */
    public function problem(): Text|string|null
    {
        return $this->words('problem');
    }

    public function words(string $field): Text|string|null
    {
        $words = $this->fields[$field] ?? null;

        return $words instanceof Text || is_string($words) && $words !== '' ? $words : null;
    }

    /** @return array<string, float> of a field that has numbers by name, such as positions by axis id */
    public function numbers(string $field): array
    {
        return (new Question($this->fields))->byAxis($field);
    }

    public function bytes(): string
    {
        return json_encode($this->fields, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE) . "\n{$this->picture}";
    }

    /** @return ?self null for anything that was not said in full */
    public static function read(string $bytes): ?self
    {
        $parts = explode("\n", $bytes, 2);
        try {
            $fields = count($parts) === 2 ? json_decode($parts[0], true, Message::DEPTH, JSON_THROW_ON_ERROR) : null;
        } catch (JsonException) {
            return null;
        }

        if (!is_array($fields)) {
            return null;
        }
        $isMessage = static fn (mixed $value): bool => is_array($value) && is_string($value['key'] ?? null);

        return new self(
            array_map(static fn (mixed $value): mixed => $isMessage($value) ? Message::of($value) : $value, $fields),
            substr($bytes, strlen($parts[0]) + 1),
        );
    }
}
