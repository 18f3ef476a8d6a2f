<?php

declare(strict_types=1);

namespace Evrent\Core\Values;

use Evrent\Core\Messages\Text;

/**
 * One thing that is wrong with what was entered, and what to enter instead.
 */
final readonly class Problem
{
    /**
     * @param string $pointer JSON pointer of the field in the plan document, such as `/timing/photos`
     * @param Text|string    $message a sentence that says what to enter
     * @param float|int|null $nearest the value within the limits that is nearest; null where limits are not what it breaks
     */
    public function __construct(public string $pointer, public Text|string $message, public float|int|null $nearest = null)
    {
    }
}
