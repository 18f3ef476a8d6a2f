<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

use InvalidArgumentException;
use JsonException;

/**
 * A sentence or label as a key of the catalogue in lang/, with its arguments. Its words are chosen at the edge, in the reader's language.
 *
 * @phpstan-type Argument string|int|float|Text|list<string|int|float|Text>
 */
final readonly class Message implements Text
{
    /** How deep the JSON may be that holds messages: each that is an argument of another adds two. */
    public const DEPTH = 64;

    /**
     * @param string                  $key       such as "checks.step_below_motor.coarse"
     * @param array<string, Argument> $arguments by the names that the words have them under; names carry their unit where it is not in the quantity
     */
    public function __construct(public string $key, public array $arguments = [])
    {
    }

    /** Without words: for logs, and for tests that hold numbers and not sentences. "photos.missing(count: 12, first: 4)" */
    public function __toString(): string
    {
        if ($this->arguments === []) {
            return $this->key;
        }
        $named = [];
        foreach ($this->arguments as $name => $argument) {
            $named[] = "{$name}: " . self::plain($argument);
        }

        return $this->key . '(' . implode(', ', $named) . ')';
    }

    /**
     * As it is stored.
     *
     * @return array{key: string, arguments?: array<string, mixed>}
     */
    public function jsonSerialize(): array
    {
        return ['key' => $this->key] + ($this->arguments === [] ? [] : ['arguments' => $this->arguments]);
    }

    /** Without words, for a log. */
    public static function forLog(Text|string $text): string
    {
        return (string) $text;
    }

    /** As it is stored in one column: a message as its key and arguments, a text as it is. */
    public static function toStore(Text|string $text): string
    {
        return is_string($text) ? $text : json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * What was stored: a message, or the sentence that an earlier version wrote.
     */
    public static function stored(string $text): self|string
    {
        if (!str_starts_with($text, '{"key":')) {
            return $text;
        }
        try {
            return self::of(json_decode($text, true, self::DEPTH, JSON_THROW_ON_ERROR));
        } catch (JsonException | InvalidArgumentException) {
            return $text;
        }
    }

    /**
     * A text that was part of a stored document: as its key and arguments, or as an earlier version wrote it, in words.
     *
     * @throws InvalidArgumentException
     */
    public static function kept(mixed $kept): Text|string
    {
        return is_string($kept) ? $kept : (is_array($kept) && isset($kept['form']) ? Quantity::of($kept) : self::of($kept));
    }

    /**
     * @param mixed $kept what jsonSerialize gave
     *
     * @throws InvalidArgumentException
     */
    public static function of(mixed $kept): self
    {
        if (!is_array($kept) || !is_string($kept['key'] ?? null) || !is_array($kept['arguments'] ?? [])) {
            throw new InvalidArgumentException('Not a stored message.');
        }
        $arguments = [];
        foreach ($kept['arguments'] ?? [] as $name => $argument) {
            $arguments[(string) $name] = is_array($argument) && array_is_list($argument)
                ? array_map(self::argument(...), $argument)
                : self::argument($argument);
        }

        return new self($kept['key'], $arguments);
    }

    private static function argument(mixed $kept): string|int|float|Quantity|self
    {
        return match (true) {
            is_string($kept), is_int($kept), is_float($kept) => $kept,
            is_array($kept) && isset($kept['form']) => Quantity::of($kept),
            default => self::of($kept),
        };
    }

    /**
     * @param Argument $argument
     */
    private static function plain(string|int|float|Text|array $argument): string
    {
        return is_array($argument) ? '[' . implode(', ', array_map(self::plain(...), $argument)) . ']' : (string) $argument;
    }
}
