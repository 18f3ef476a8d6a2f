<?php

declare(strict_types=1);

namespace Evrent\Words;

use Evrent\Core\Format\StartText;
use Evrent\Core\Light\Light;
use Evrent\Core\Values\InvalidInput;

/**
 * Starts as they are typed in the reader's language, such as "puesta de sol, 20 min antes"; the core reads and keeps them in one form, in English.
 */
final class TypedStart
{
    /** What is kept, or what was typed where it cannot be read in the reader's language: the core says what to enter. */
    public static function kept(string $typed): string
    {
        $text = mb_strtolower(trim($typed), 'UTF-8');
        $words = self::words();
        if ($text === '' || $words === []) {
            return $typed;
        }
        foreach ($words as $phrase => $plain) {
            $text = (string) preg_replace('/(?<!\pL)' . preg_quote($phrase, '/') . '(?!\pL)/u', $plain === 'at' ? '' : $plain, $text);
        }
        $text = trim((string) preg_replace('/\s+/u', ' ', $text), ' ,');
        // The time from the event may stand behind it: "sunset, 20 min before".
        $span = '\d[\d.,]* ?(?:h|min|m|s)\b';
        $text = (string) preg_replace("/^(.+?),? ({$span}(?: {$span})*) (before|after)((?:,? next day)?)$/D", '$2 $3 $1$4', $text);
        try {
            return StartText::write(StartText::read($text));
        } catch (InvalidInput) {
            return $typed;
        }
    }

    /** What is kept, as the reader writes it. */
    public static function shown(string $kept): string
    {
        try {
            return $kept === '' ? '' : Words::say(StartText::said(StartText::read($kept)));
        } catch (InvalidInput) {
            return $kept;
        }
    }

    /** Of lamps that come on at a time, always or at dusk: the word that the core reads for the one that was typed. */
    public static function lampsKept(string $typed): string
    {
        foreach ([Light::LAMPS_ALWAYS, Light::LAMPS_AT_DUSK] as $kept) {
            if (mb_strtolower(trim($typed)) === mb_strtolower(self::lampsShown($kept))) {
                return $kept;
            }
        }

        return $typed;
    }

    public static function lampsShown(string $kept): string
    {
        return Words::say(Light::lampsOn($kept));
    }

    /**
     * @return array<string, string> what the core reads, by what is typed; the longest first
     */
    private static function words(): array
    {
        $typed = Words::catalogue()->get('starts.typed');
        $words = [];
        foreach (is_array($typed) ? $typed : [] as $plain => $phrases) {
            foreach (is_string($phrases) ? explode(', ', trim($phrases, '⟦⟧')) : [] as $phrase) {
                $words[$phrase] = (string) $plain;
            }
        }
        uksort($words, static fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

        return $words;
    }
}
