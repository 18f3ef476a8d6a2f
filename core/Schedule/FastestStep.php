<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Axis;

/**
 * The step that moves the picture most.
 */
final readonly class FastestStep
{
    /**
     * @param ?Axis $axis  null when nothing moves
     * @param int   $photo the photo before the step, from 1
     * @param float $shift output pixels, either way
     */
    public function __construct(public ?Axis $axis, public int $photo, public float $shift)
    {
    }
}
