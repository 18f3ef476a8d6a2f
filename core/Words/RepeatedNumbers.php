<?php

declare(strict_types=1);

namespace Evrent\Core\Words;

/**
 * Writes quantities of which many are the same to the last bit, such as the seconds of ten thousand equal moves, each only once:
 * writing a number to full precision takes longer than finding its text again.
 */
final class RepeatedNumbers
{
    /** So that a file of any length takes no more memory than a short one. */
    private const MOST_KEPT = 2_000;

    /** @var array<string, string> text by the number's bits */
    private array $texts = [];

    /**
     * @return string as `PlainText::number` writes it; empty for null
     */
    public function text(?float $value): string
    {
        if ($value === null) {
            return '';
        }
        $bits = pack('E', $value);
        if (!isset($this->texts[$bits])) {
            if (count($this->texts) >= self::MOST_KEPT) {
                $this->texts = [];
            }
            $this->texts[$bits] = PlainText::number($value);
        }

        return $this->texts[$bits];
    }
}
