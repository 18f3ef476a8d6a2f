<?php

declare(strict_types=1);

namespace Evrent\Core\Messages;

/**
 * Several texts as one.
 */
final class Joined
{
    /** "first; second" */
    public const SEMICOLON = 'units.semicolon';

    /** "first, second" */
    public const COMMA = 'units.comma';

    /** "first and second" */
    public const AND = 'units.and';

    /** "first or second" */
    public const OR = 'units.or';

    /** With a space between. */
    public const WORDS = 'units.words';

    /** One right after the other. */
    public const PLAIN = 'units.plain';

    /** Sentence after sentence. */
    public const SENTENCES = 'units.sentences';

    /** With a capital, for the head of a line. */
    public static function capital(Text|string $text): Message
    {
        return new Message('units.capital', ['text' => $text]);
    }

    /**
     * @param list<Text|string|null> $parts of which some may be empty
     *
     * @return Text|string empty where all are
     */
    public static function of(array $parts, string $key = self::SEMICOLON): Text|string
    {
        return self::pairs(array_values(array_filter($parts, static fn (Text|string|null $part): bool => $part !== null && $part !== '')), $key);
    }

    /**
     * In halves: stored, a chain of many parts would be deeper than JSON is read.
     *
     * @param list<Text|string> $parts
     */
    private static function pairs(array $parts, string $key): Text|string
    {
        $half = intdiv(count($parts) + 1, 2);

        return count($parts) < 2 ? $parts[0] ?? '' : new Message($key, [
            'first' => self::pairs(array_slice($parts, 0, $half), $key), 'last' => self::pairs(array_slice($parts, $half), $key),
        ]);
    }
}
