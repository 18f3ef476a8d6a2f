<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;

/**
 * What may stand in a field of a plan: how a document holds it, how people type it and how they read it.
 */
enum FieldKind
{
    case Text;
    case Choice;
    case Whole;
    case Number;
    /** Typed as "90", "1.5 min", "1/80". */
    case Seconds;
    /** Seconds a shutter is open: read as "1/80" where they are a whole fraction. */
    case Exposure;
    case WattHours;
    /** 0…1 in a document, typed and read in per cent. */
    case Share;
    case Flag;
    case Numbers;
    /** An object or a list of objects, with fields of their own. */
    case Part;

    /**
     * @return string|float|bool|list<string|float> text that cannot be read stays text, for the reader to refuse
     */
    public function typed(string $text): string|float|bool|array
    {
        return match ($this) {
            self::Text, self::Choice, self::Part => trim($text),
            self::Whole, self::Number => TypedText::number($text) ?? $text,
            self::Seconds, self::Exposure => TypedText::seconds($text) ?? $text,
            self::WattHours => TypedText::wattHours($text) ?? $text,
            self::Share => TypedText::percent($text) ?? $text,
            self::Flag => in_array($text, ['1', 'on', 'true'], true),
            self::Numbers => self::typedNumbers($text),
        };
    }

    /** What stands in the field of a form: `typed` reads it back. */
    public function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? '1' : '0',
            is_int($value) => (string) $value,
            is_float($value) && $this === self::Share => self::perCent($value),
            is_float($value) && $this === self::Exposure => PlainText::exposure($value),
            is_float($value) => PlainText::number($value),
            is_array($value) => implode(' ', array_map(static fn (mixed $one): string => is_float($one) ? PlainText::number($one) : '', $value)),
            default => is_string($value) ? $value : '',
        };
    }

    /** To a ten-thousandth of a per cent: a photo of a million. */
    public static function perCent(float $share): string
    {
        return PlainText::number(round($share * 100.0, 4));
    }

    /**
     * "100 200 400", "3, 6, 10", "3,6,10"; a single comma in a number is its decimal point.
     *
     * @return list<string|float>
     */
    private static function typedNumbers(string $text): array
    {
        $words = [];
        foreach (explode(' ', (string) preg_replace('/[\s;]+|,\s+/u', ' ', trim($text))) as $word) {
            array_push($words, ...(TypedText::number($word) === null ? explode(',', $word) : [$word]));
        }

        return array_map(static fn (string $word): string|float => TypedText::number($word) ?? $word, $words);
    }
}
