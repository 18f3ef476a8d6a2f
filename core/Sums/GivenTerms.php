<?php

declare(strict_types=1);

namespace Evrent\Core\Sums;

use Evrent\Core\Messages\Text;
use Evrent\Core\Plan\Plan;

/**
 * Terms that are a plan's own values.
 */
final readonly class GivenTerms
{
    public function __construct(private Plan $plan)
    {
    }

    /**
     * @param string $pointer of the value
     */
    public function of(Text|string $label, float $value, string $unit, string $pointer): Term
    {
        return new Term($label, $value, $unit, $pointer, $this->plan->provenance->of($pointer));
    }
}
