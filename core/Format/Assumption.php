<?php

declare(strict_types=1);

namespace Evrent\Core\Format;

use Evrent\Core\Messages\Joined;
use Evrent\Core\Messages\Text;

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
    public function __construct(public string $pointer, public Text|string $label, public Text|string $value)
    {
    }

    public function says(): Text|string
    {
        return Joined::of([$this->label, $this->value], Joined::WORDS);
    }
}
