<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * How many photos, how often and how long each is exposed.
 */
final readonly class Timing
{
    public const MOST_PHOTOS = 1_000_000;
    private const MOST_FRAMES_PER_SECOND = 1_000;
    /** A month: growth and building works. */
    private const MOST_DELAY_SECONDS = 2_678_400;

    /**
     * @param float $framesPerSecond of the clip at playback
     * @param int   $photos          photos taken while travelling, keyframes included
     * @param int   $headPhotos      standing at the first keyframe before the move
     * @param bool  $playsBackwards  whether the clip shows them from the last to the first
     * @param int   $tailPhotos      standing at the last keyframe after it
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public Mode $mode,
        public float $framesPerSecond,
        public int $photos,
        public int $headPhotos,
        public int $tailPhotos,
        public KeyedSeconds $interval,
        public IntervalMeaning $intervalMeans,
        public KeyedSeconds $exposure,
        public float $startDelaySeconds = 0.0,
        public bool $playsBackwards = false,
    ) {
        $problems = new Problems();
        $problems->unlessPositive($framesPerSecond, self::MOST_FRAMES_PER_SECOND, '/frames_per_second', new Message('what.fps'));
        $problems->unlessBetween($photos, 2, self::MOST_PHOTOS, '/photos', new Message('what.whole_photos'));
        $problems->unlessBetween($headPhotos, 0, self::MOST_PHOTOS, '/head_photos', new Message('what.whole_photos'));
        $problems->unlessBetween($tailPhotos, 0, self::MOST_PHOTOS, '/tail_photos', new Message('what.whole_photos'));
        $problems->unlessBetween($startDelaySeconds, 0, self::MOST_DELAY_SECONDS, '/start_delay_s', new Message('timing.timing.delay'));
        $problems->throwIfAny();
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withInterval(KeyedSeconds $interval): self
    {
        return $this->changed(interval: $interval);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withExposure(KeyedSeconds $exposure): self
    {
        return $this->changed(exposure: $exposure);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withPhotos(int $photos, ?int $headPhotos = null, ?int $tailPhotos = null): self
    {
        return $this->changed(photos: $photos, headPhotos: $headPhotos, tailPhotos: $tailPhotos);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function withMode(Mode $mode): self
    {
        return $this->changed(mode: $mode);
    }

    /**
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function played(bool $backwards): self
    {
        return $this->changed(playsBackwards: $backwards);
    }

    private function changed(
        ?KeyedSeconds $interval = null,
        ?KeyedSeconds $exposure = null,
        ?int $photos = null,
        ?int $headPhotos = null,
        ?int $tailPhotos = null,
        ?Mode $mode = null,
        ?bool $playsBackwards = null,
    ): self {
        return new self(
            $mode ?? $this->mode,
            $this->framesPerSecond,
            $photos ?? $this->photos,
            $headPhotos ?? $this->headPhotos,
            $tailPhotos ?? $this->tailPhotos,
            $interval ?? $this->interval,
            $this->intervalMeans,
            $exposure ?? $this->exposure,
            $this->startDelaySeconds,
            $playsBackwards ?? $this->playsBackwards,
        );
    }
}
