<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

use Evrent\Core\Messages\Message;
use Evrent\Core\Timing\Timing;
use Evrent\Core\Values\Problems;

/**
 * One thing that goes wrong at one photo.
 */
final readonly class Fault
{
    private const MOST_SECONDS = 86_400;
    private const MOST_FACTOR = 10_000;

    /**
     * @param int     $photo   number of the photo, 1 for the first
     * @param ?string $axisId  the axis it is about
     * @param int     $photos  how many photos or moves it lasts
     * @param float   $factor  how many times as long
     * @param int     $steps   how many motor steps
     * @param float   $seconds how long, or by how much
     * @param float   $percent how much
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public FaultKind $kind,
        public int $photo,
        public ?string $axisId = null,
        public int $photos = Timing::MOST_PHOTOS,
        public float $factor = 1.0,
        public int $steps = 0,
        public float $seconds = 0.0,
        public float $percent = 0.0,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($photo, 1, Timing::MOST_PHOTOS, '/frame', new Message('what.photo_number'));
        $problems->unlessBetween($photos, 1, Timing::MOST_PHOTOS, '/frames', new Message('what.whole_photos'));
        $problems->unlessPositive($factor, self::MOST_FACTOR, '/factor', new Message('what.factor'));
        $problems->unlessBetween($steps, 0, 1_000_000_000, '/steps', new Message('what.motor_steps'));
        $problems->unlessBetween($seconds, 0, self::MOST_SECONDS, '/seconds', new Message('what.seconds'));
        $problems->unlessBetween($percent, 0, 1_000, '/percent', new Message('what.per_cent'));
        $problems->throwIfAny();
    }

    /** Whether it is at work for a photo, or for the move after it. */
    public function covers(int $photo): bool
    {
        return $photo >= $this->photo && $photo < $this->photo + $this->photos;
    }
}
