<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Devices\Running\RunClock;

/**
 * The clock of one of two workers in virtual time.
 */
final class VirtualRunClock extends RunClock
{
    public function __construct(private readonly TwoHands $world, private readonly int $who)
    {
        parent::__construct();
    }

    public function now(): float
    {
        return $this->world->now;
    }

    public function realSeconds(): float
    {
        return $this->world->now;
    }

    public function rest(float $seconds): void
    {
        $this->world->step($this->who, $seconds);
    }
}
