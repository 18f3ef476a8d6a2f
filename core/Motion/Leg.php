<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

/**
 * The part of a path between two standstills: one ease over all of it, and a curve for each axis.
 */
final readonly class Leg
{
    /**
     * @param int                          $fromKeyframe place of the keyframe at which it starts, from 0
     * @param int                          $toKeyframe   place of the keyframe at which it ends
     * @param int                          $fromIndex    travelling photo at which it starts
     * @param int                          $toIndex      travelling photo at which it ends
     * @param array<string, MonotoneCubic> $curves       position by share of the way covered, by axis id
     */
    public function __construct(
        public int $fromKeyframe,
        public int $toKeyframe,
        public int $fromIndex,
        public int $toIndex,
        public Easing $easing,
        private array $curves,
    ) {
    }

    /**
     * @return float share of the leg's way covered at a travelling index, which may lie between two photos
     */
    public function covered(float $travelIndex): float
    {
        return $this->easing->covered(($travelIndex - $this->fromIndex) / ($this->toIndex - $this->fromIndex));
    }

    public function position(string $axisId, float $covered): float
    {
        return $this->curves[$axisId]->at($covered);
    }

    /**
     * How many photos each ramp takes up, which is what a ramp in per cent means on site.
     *
     * @return array{int, int} gathering speed, slowing down
     */
    public function rampPhotos(): array
    {
        $photos = $this->toIndex - $this->fromIndex;

        return [(int) round($this->easing->rampIn * $photos), (int) round($this->easing->rampOut * $photos)];
    }
}
