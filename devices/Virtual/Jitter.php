<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Small timing noise that comes out the same for the same seed.
 */
final class Jitter
{
    private readonly Randomizer $randomizer;

    public function __construct(int $seed)
    {
        $this->randomizer = new Randomizer(new Xoshiro256StarStar($seed));
    }

    /** Evenly spread over 0…1. */
    public function unit(): float
    {
        return $this->randomizer->getInt(0, 2 ** 53 - 1) / 2 ** 53;
    }

    /** A duration that takes up to a share longer: real devices are late more often than early. */
    public function longer(float $seconds, float $share): float
    {
        return $seconds * (1.0 + $share * $this->unit());
    }
}
