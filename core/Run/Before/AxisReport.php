<?php

declare(strict_types=1);

namespace Evrent\Core\Run\Before;

/**
 * One axis as a rig reports it: mm or degrees.
 */
final readonly class AxisReport
{
    /**
     * @param string $letter  of G-code
     * @param ?float $min     null where it has no ends
     * @param ?float $max     null where it has no ends
     */
    public function __construct(
        public string $letter,
        public ?float $min,
        public ?float $max,
        public float $maxSpeed,
        public float $maxAcceleration,
        public float $stepsPerUnit,
    ) {
    }
}
