<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

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
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $at,
        public array $positions,
        public bool $pass = false,
        public int $holdPhotos = 0,
        public ?Easing $easing = null,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($at, 0, 1, '/at', 'a share of the photos');
        $problems->unlessBetween($holdPhotos, 0, self::MOST_HOLD_PHOTOS, '/hold_photos', 'a whole number of photos');
        if ($pass && $holdPhotos > 0) {
            $problems->add('/hold_photos', 'Photos can be held only where the move stops. Take them off, or stop here.');
        }
        foreach ($positions as $axisId => $position) {
            $problems->unlessBetween($position, -Axis::MOST, Axis::MOST, '/' . $axisId, 'a position');
        }
        $problems->throwIfAny();
    }

    /**
     * @param array<string, float> $positions mm or degrees by axis id
     */
    public function withPositions(array $positions): self
    {
        return new self($this->at, $positions, $this->pass, $this->holdPhotos, $this->easing);
    }

    public function withEasing(?Easing $easing): self
    {
        return new self($this->at, $this->positions, $this->pass, $this->holdPhotos, $easing);
    }

    /** The travelling photo on which the keyframe falls, 0 … photos - 1, rounded half away from zero. */
    public function travelIndex(int $photos): int
    {
        return (int) floor($this->at * ($photos - 1) + 0.5);
    }
}
