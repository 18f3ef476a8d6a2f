<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Axis;

/**
 * The step that moves the picture most, or smears it most.
 */
final readonly class FastestStep
{
    /**
     * @param ?Axis $axis  null when nothing moves
     * @param int   $photo the photo before the step, from 1
     * @param float $much  by how much, either way: share of the frame, or output pixels
     */
    public function __construct(public ?Axis $axis, public int $photo, public float $much)
    {
    }
}
