<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * A framing that the move meets exactly: where every axis stands at a share of the travelling photos.
 */
final readonly class Keyframe
{
    public const MOST_HOLD_PHOTOS = 100_000;

    /**
     * @param float                $at         share of the travelling photos, 0 (first) … 1 (last)
     * @param array<string, float> $positions  mm or degrees by axis id
     * @param bool                 $pass       true: carry on through without stopping
     * @param int                  $holdPhotos extra photos taken standing here (stops only)
     * @param ?Easing              $easing     for the run that starts here; null takes the move's own
     * @param bool                 $mattersMost   whether this framing is the one to come home with, if only one can be had
     * @param ?float               $subjectWidth  share of the photo's width that the subject takes, in its middle; null where nobody said
     * @param ?float               $subjectHeight the same of its height
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $at,
        public array $positions,
        public bool $pass = false,
        public int $holdPhotos = 0,
        public ?Easing $easing = null,
        public bool $mattersMost = false,
        public ?float $subjectWidth = null,
        public ?float $subjectHeight = null,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($at, 0, 1, '/at', new Message('motion.keyframe.at'));
        $problems->unlessBetween($holdPhotos, 0, self::MOST_HOLD_PHOTOS, '/hold_photos', new Message('what.whole_photos'));
        if ($pass && $holdPhotos > 0) {
            $problems->add('/hold_photos', new Message('motion.keyframe.hold'));
        }
        foreach (['/subject_width' => $subjectWidth, '/subject_height' => $subjectHeight] as $field => $share) {
            if ($share !== null) {
                $problems->unlessPositive($share, 1, $field, new Message('motion.keyframe.subject'));
            }
        }
        foreach ($positions as $axisId => $position) {
            $problems->unlessBetween($position, -Axis::MOST, Axis::MOST, '/' . $axisId, new Message('motion.keyframe.position'));
        }
        $problems->throwIfAny();
    }

    /**
     * @param array<string, float> $positions mm or degrees by axis id
     */
    public function withPositions(array $positions): self
    {
        return $this->with(['positions' => $positions]);
    }

    public function withEasing(?Easing $easing): self
    {
        return $this->with(['easing' => $easing]);
    }

    /**
     * The same but for what is named.
     *
     * @param array{
     *     at?: float, positions?: array<string, float>, pass?: bool, holdPhotos?: int, easing?: ?Easing, mattersMost?: bool, subjectWidth?: ?float,
     *     subjectHeight?: ?float,
     * } $changes
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function with(array $changes): self
    {
        return Copy::of($this, get_object_vars($this), $changes);
    }

    /** The travelling photo on which the keyframe falls, 0 … photos - 1, rounded half away from zero. */
    public function travelIndex(int $photos): int
    {
        return (int) floor($this->at * ($photos - 1) + 0.5);
    }
}
