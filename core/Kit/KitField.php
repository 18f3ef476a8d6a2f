<?php

declare(strict_types=1);

namespace Evrent\Core\Kit;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;

/**
 * One number that a kind of kit is described by.
 */
final readonly class KitField
{
    /**
     * @param bool $whole whether it counts something
     * @param bool $needed whether a piece of kit is of no use without it
     * @param bool $beginsLine whether a new group of fields begins with it
     */
    public function __construct(
        public Text|string $label,
        public Text|string $unit,
        public float $least,
        public float $most,
        public bool $needed = false,
        public bool $whole = false,
        public bool $beginsLine = false,
    ) {
    }

    /** The number and its unit, as a message names them. */
    public function what(): Text|string
    {
        return $this->unit === '' ? $this->label : new Message('kit.kit_item.in_unit', ['label' => $this->label, 'unit' => $this->unit]);
    }
}
