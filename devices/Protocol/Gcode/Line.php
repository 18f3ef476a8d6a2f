<?php

declare(strict_types=1);

namespace Evrent\Devices\Protocol\Gcode;

/**
 * One line of G-code (ISO 6983 style) as words: "G1 X12.5 F300 ; on" is G1, X and F. Comments in brackets or behind a semicolon are left out.
 */
final readonly class Line
{
    public const MOST_CHARACTERS = 80;

    /** The line that homes, as boards with a `$` for their own commands have it. */
    public const HOME = '$H';

    /**
     * @param list<string>         $codes  such as G1 or M240, in their order
     * @param array<string, float> $values numbers of the other letters
     */
    private function __construct(public array $codes, public array $values)
    {
    }

    /**
     * @return self|Refusal a line without words is one of no codes
     */
    public static function read(string $text): self|Refusal
    {
        if (strlen($text) > self::MOST_CHARACTERS) {
            return Refusal::TooLong;
        }
        $rest = strtoupper(trim((string) preg_replace(['/\([^)]*\)?/', '/;.*$/'], ' ', $text)));
        if ($rest === self::HOME) {
            return new self(['G28'], []);
        }
        $codes = $values = [];
        while ($rest !== '') {
            if (preg_match('/^([A-Z])\s*([+-]?(?:\d+\.?\d*|\.\d+))?\s*/', $rest, $found) !== 1) {
                return Refusal::UnknownWord;
            }
            $rest = substr($rest, strlen($found[0]));
            if (($found[2] ?? '') === '') {
                return Refusal::NoNumber;
            }
            if ($found[1] === 'G' || $found[1] === 'M') {
                $codes[] = $found[1] . (string) (float) $found[2];
            } elseif (isset($values[$found[1]])) {
                return Refusal::Contradicts;
            } else {
                $values[$found[1]] = (float) $found[2];
            }
        }

        return new self($codes, $values);
    }

    public function has(string $code): bool
    {
        return in_array($code, $this->codes, true);
    }
}
