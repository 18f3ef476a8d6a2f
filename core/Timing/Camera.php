<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the camera needs beside the exposure itself.
 */
final readonly class Camera
{
    public const MOST_SECONDS = 3600;
    private const MOST_BUFFER_FRAMES = 10_000;

    /** Cameras count files in four digits, and begin again at 1. */
    public const HIGHEST_FILE_NUMBER = 9_999;

    /**
     * @param float $shutterLagSeconds          from trigger to open
     * @param float $writeSeconds               one photo to the card
     * @param int   $bufferFrames               photos that can wait for the card, the one being written included
     * @param bool  $longExposureNoiseReduction a dark exposure as long as the photo's follows each
     * @param ?int  $nextFileNumber             what its counter will give the first photo; null when nobody looked
     * @param ?TimedBy $exposureTimedBy         who ends the exposure; null when nobody said
     * @param ?Dial $dial                       what its mode dial stands on; null when nobody looked
     * @param float $setSeconds                 how long it takes to set it from here, between two photos; 0 when nobody measured
     * @param bool  $marksAreLiteral            whether a mark of 30 s is 30 s, and not the 32 s of the scale of thirds
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $shutterLagSeconds = 0.0,
        public float $writeSeconds = 0.0,
        public int $bufferFrames = 1,
        public bool $longExposureNoiseReduction = false,
        public ?int $nextFileNumber = null,
        public ?TimedBy $exposureTimedBy = null,
        public ?Dial $dial = null,
        public bool $marksAreLiteral = false,
        public float $setSeconds = 0.0,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($shutterLagSeconds, 0, self::MOST_SECONDS, '/shutter_lag_s', new Message('what.seconds'));
        $problems->unlessBetween($writeSeconds, 0, self::MOST_SECONDS, '/write_s', new Message('what.seconds'));
        $problems->unlessBetween($setSeconds, 0, self::MOST_SECONDS, '/set_s', new Message('what.seconds'));
        $problems->unlessBetween($bufferFrames, 1, self::MOST_BUFFER_FRAMES, '/buffer_frames', new Message('what.whole_photos'));
        if ($nextFileNumber !== null) {
            $problems->unlessBetween($nextFileNumber, 0, self::HIGHEST_FILE_NUMBER, '/next_file_number', new Message('timing.camera.next_file'));
        }
        $problems->throwIfAny();
    }

    /** Seconds from the shutter's opening until it can open again: the exposure, twice with noise reduction. */
    public function shutterBusySeconds(float $exposureSeconds): float
    {
        return $this->longExposureNoiseReduction ? 2.0 * $exposureSeconds : $exposureSeconds;
    }

    public function withoutNoiseReduction(): self
    {
        return $this->with(['longExposureNoiseReduction' => false]);
    }

    /**
     * The same but for what is named.
     *
     * @param array{
     *     shutterLagSeconds?: float, writeSeconds?: float, bufferFrames?: int, longExposureNoiseReduction?: bool, nextFileNumber?: ?int,
     *     exposureTimedBy?: ?TimedBy, dial?: ?Dial, marksAreLiteral?: bool, setSeconds?: float,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }
}
