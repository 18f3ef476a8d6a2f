<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * What a camera says of one photo it took. Times are seconds from the first planned trigger.
 */
final readonly class Exposed
{
    public function __construct(
        public float $openSeconds,
        public float $closeSeconds,
        public float $writeEndSeconds,
    ) {
    }
}
