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
        $joined = '';
        foreach ($parts as $part) {
            if ($part === null || $part === '') {
                continue;
            }
            $joined = $joined === '' ? $part : new Message($key, ['first' => $joined, 'last' => $part]);
        }

        return $joined;
    }
}
