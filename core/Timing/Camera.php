<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Problems;

/**
 * What the camera needs beside the exposure itself.
 */
final readonly class Camera
{
    private const MOST_SECONDS = 3600;
    private const MOST_BUFFER_FRAMES = 10_000;

    /**
     * @param float $shutterLagSeconds          from trigger to open
     * @param float $writeSeconds               one photo to the card
     * @param int   $bufferFrames               photos that can wait for the card, the one being written included
     * @param bool  $longExposureNoiseReduction a dark exposure as long as the photo's follows each
     *
     * @throws \Evrent\Core\InvalidInput
     */
    public function __construct(
        public float $shutterLagSeconds = 0.0,
        public float $writeSeconds = 0.0,
        public int $bufferFrames = 1,
        public bool $longExposureNoiseReduction = false,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($shutterLagSeconds, 0, self::MOST_SECONDS, '/shutter_lag_s', 'seconds');
        $problems->unlessBetween($writeSeconds, 0, self::MOST_SECONDS, '/write_s', 'seconds');
        $problems->unlessBetween($bufferFrames, 1, self::MOST_BUFFER_FRAMES, '/buffer_frames', 'a whole number of photos');
        $problems->throwIfAny();
    }

    /** Seconds from the shutter's opening until it can open again: the exposure, twice with noise reduction. */
    public function shutterBusySeconds(float $exposureSeconds): float
    {
        return $this->longExposureNoiseReduction ? 2.0 * $exposureSeconds : $exposureSeconds;
    }
}
