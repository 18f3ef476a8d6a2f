<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * Where a camera looks, for how bright the sky is there.
 */
final readonly class Look
{
    /** Nearer to the horizon a frame takes in sky from above it. */
    public const LOWEST_DEGREES = 10.0;

    /**
     * @param float $bearing  from true north clockwise, degrees
     * @param float $altitude of the middle of the frame, degrees
     */
    public function __construct(public float $bearing, public float $altitude = 30.0)
    {
    }
}
