<?php

declare(strict_types=1);

namespace Evrent\Core\Plan;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * A clip that the camera makes itself: by its own film mode, or as video that is sped up. Null where nobody said.
 */
final readonly class Film
{
    private const MOST_RATE = 1_000;
    private const MOST_EXTRA_FRAMES = 100_000;
    private const MOST_GIGABYTES = 1_000;

    /**
     * @param ?float $framesPerSecond    of what the camera makes
     * @param ?int   $extraFrames        to have it take beside the plan's, for the lead that comes off and the ends that are cut
     * @param ?float $gigabytesPerMinute of video
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public ?FilmKind $kind = null,
        public ?float $framesPerSecond = null,
        public ?int $extraFrames = null,
        public ?float $gigabytesPerMinute = null,
    ) {
        $problems = new Problems();
        if ($framesPerSecond !== null) {
            $problems->unlessPositive($framesPerSecond, self::MOST_RATE, '/frames_per_second', new Message('what.fps'));
        }
        if ($extraFrames !== null) {
            $problems->unlessBetween($extraFrames, 0, self::MOST_EXTRA_FRAMES, '/extra_frames', new Message('plan.film.whole_frames'));
        }
        if ($gigabytesPerMinute !== null) {
            $problems->unlessPositive($gigabytesPerMinute, self::MOST_GIGABYTES, '/gb_per_min', new Message('plan.film.data_rate'));
        }
        $problems->throwIfAny();
    }
}
