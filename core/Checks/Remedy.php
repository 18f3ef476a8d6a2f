<?php

declare(strict_types=1);

namespace Evrent\Core\Checks;

use Evrent\Core\Plan\Plan;

/**
 * A change of plan that clears a finding.
 */
final readonly class Remedy
{
    /**
     * @param string $key    names the remedy within its finding, such as "interval"
     * @param string $label  what pressing it does: "Take one every 8.1 s"
     * @param string $costs  what it keeps and what it costs, in a few words
     * @param Plan   $mended the plan with the change made
     */
    public function __construct(public string $key, public string $label, public string $costs, public Plan $mended)
    {
    }
}
