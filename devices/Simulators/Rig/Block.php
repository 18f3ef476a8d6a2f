<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Rig;

/**
 * One motion of all axes that the rig was sent on, and has not begun or not ended yet.
 */
final readonly class Block
{
    /**
     * @param array<string, int> $steps   where to, by axis id
     * @param Pace               $pace    how
     * @param float              $number  units a minute along the way for a feed, seconds for a given time, else 0
     */
    public function __construct(public array $steps, public Pace $pace, public float $number = 0.0)
    {
    }
}
