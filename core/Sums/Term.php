<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Source;

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
        public Text|string $label,
        public float $value,
        public string $unit = '',
        public ?string $pointer = null,
        public ?Source $source = null,
    ) {
    }

    /** "0.06 s shutter lag". */
    public function says(): Message
    {
        return new Message('sums.term.says', ['figure' => $this->figure(), 'label' => $this->label]);
    }

    /** "0.06 s". */
    public function figure(): Quantity
    {
        $decimals = abs($this->value) < 10.0 ? 4 : 2;

        return match ($this->unit) {
            '' => Quantity::rounded($this->value, $decimals),
            'stops' => Quantity::counted($this->value, 'stop', $decimals),
            default => Quantity::withUnit($this->value, $this->unit, $decimals),
        };
    }

    /** "typed", "assumed", "worked out". */
    public function rests(): Message
    {
        return $this->source?->label() ?? new Message('sums.term.calculated');
    }
}
