<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

/**
 * A value that nobody gave, and that a finding rests on.
 */
final readonly class Assumption
{
    /**
     * @param string $pointer JSON pointer of the value
     * @param string $label   what it is: "foreground"
     * @param string $value   what is assumed, with its unit: "1.5 m"; empty where Evrent takes what most have
     */
    public function __construct(public string $pointer, public string $label, public string $value)
    {
    }

    public function says(): string
    {
        return trim("{$this->label} {$this->value}");
    }
}
