<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Source;
use Evrent\Core\Words\PlainText;

/**
 * One value in a sum.
 */
final readonly class Term
{
    /**
     * @param string  $label   what it is: "shutter lag"
     * @param string  $unit    may be empty
     * @param ?string $pointer JSON pointer of the plan's own value; null for what was worked out
     * @param ?Source $source  where that value comes from; null for what was worked out
     */
    public function __construct(
        public string $label,
        public float $value,
        public string $unit = '',
        public ?string $pointer = null,
        public ?Source $source = null,
    ) {
    }

    /** "0.06 s shutter lag". */
    public function says(): string
    {
        return $this->figure() . " {$this->label}";
    }

    /** "0.06 s". */
    public function figure(): string
    {
        $unit = $this->unit === '' || str_starts_with($this->unit, '°') ? $this->unit : " {$this->unit}";

        return PlainText::rounded($this->value, abs($this->value) < 10.0 ? 4 : 2) . $unit;
    }

    /** "typed", "assumed", "worked out". */
    public function rests(): Message|string
    {
        return $this->source?->label() ?? 'worked out';
    }
}
