<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * Where the rig stands, as its trigger line tells: mm to the right, degrees to the right and up.
 */
final readonly class Pose
{
    public function __construct(public float $slide = 0.0, public float $pan = 0.0, public float $tilt = 0.0)
    {
    }

    /** Whether it would be seen in a picture. */
    public function isElsewhereThan(self $other): bool
    {
        return abs($other->pan - $this->pan) + abs($other->tilt - $this->tilt) + abs($other->slide - $this->slide) / 100.0 > 0.01;
    }

    /** Between this one and another, at a share of the way. */
    public function towards(self $other, float $share): self
    {
        $share = max(0.0, min(1.0, $share));

        return new self(
            $this->slide + $share * ($other->slide - $this->slide),
            $this->pan + $share * ($other->pan - $this->pan),
            $this->tilt + $share * ($other->tilt - $this->tilt),
        );
    }
}
