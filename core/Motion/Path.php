<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Values\Problems;

/**
 * Where every axis stands at each travelling photo, and between photos.
 *
 * Keyframes that stop cut the path into legs, each eased on its own. Within a leg the passed keyframes become
 * knots over the share of the way covered, and a shape-preserving curve goes through them; with no passed keyframe
 * that is a straight line. Every keyframe is met exactly on its photo and no axis overshoots.
 */
final readonly class Path
{
    /**
     * @param list<Leg>    $legs    in order, without gaps
     * @param list<string> $axisIds
     */
    private function __construct(public array $legs, private array $axisIds)
    {
    }

    /**
     * @param list<string> $axisIds every keyframe has a position for each
     * @param int          $photos  travelling photos, ≥ 2
     *
     * @throws \Evrent\Core\Values\InvalidInput when two keyframes fall on one photo
     */
    public static function through(Move $move, array $axisIds, int $photos): self
    {
        $indices = self::travelIndices($move, $photos);
        $legs = [];
        $start = 0;
        for ($end = 1; $end < count($move->keyframes); $end++) {
            if ($move->keyframes[$end]->pass) {
                continue;
            }
            $easing = $move->keyframes[$start]->easing ?? $move->easing;
            $legs[] = self::leg($move, $axisIds, $indices, $start, $end, $easing);
            $start = $end;
        }

        return new self($legs, $axisIds);
    }

    /**
     * @return list<int> the travelling photo of each keyframe
     *
     * @throws \Evrent\Core\Values\InvalidInput when two keyframes fall on one photo
     */
    public static function travelIndices(Move $move, int $photos): array
    {
        $problems = new Problems();
        $indices = [];
        foreach ($move->keyframes as $i => $keyframe) {
            $indices[] = $keyframe->travelIndex($photos);
            if ($i > 0 && $indices[$i] <= $indices[$i - 1]) {
                $problems->add(
                    "/move/keyframes/{$i}/at",
                    sprintf('With %d photos this keyframe falls on the same photo as the one before. Move it, or take more photos.', $photos),
                );
            }
        }
        $problems->throwIfAny();

        return $indices;
    }

    /**
     * @param float $travelIndex 0 … photos - 1, also between photos
     *
     * @return array<string, float> mm or degrees by axis id
     */
    public function positionsAt(float $travelIndex): array
    {
        $number = 0;
        while ($number < count($this->legs) - 1 && $travelIndex > $this->legs[$number]->toIndex) {
            $number++;
        }
        $leg = $this->legs[$number];
        $covered = $leg->covered($travelIndex);
        $positions = [];
        foreach ($this->axisIds as $axisId) {
            $positions[$axisId] = $leg->position($axisId, $covered);
        }

        return $positions;
    }

    /**
     * Every travelling photo at once.
     *
     * @return array<string, list<float>> by axis id, mm or degrees for travelling photo 0 … photos - 1
     */
    public function positionColumns(): array
    {
        $columns = array_fill_keys($this->axisIds, []);
        foreach ($this->legs as $number => $leg) {
            for ($index = $leg->fromIndex + ($number === 0 ? 0 : 1); $index <= $leg->toIndex; $index++) {
                $covered = $leg->covered($index);
                foreach ($this->axisIds as $axisId) {
                    $columns[$axisId][] = $leg->position($axisId, $covered);
                }
            }
        }

        return $columns;
    }

    /**
     * @param list<string> $axisIds
     * @param list<int>    $indices
     */
    private static function leg(Move $move, array $axisIds, array $indices, int $start, int $end, Easing $easing): Leg
    {
        $knots = [];
        for ($k = $start; $k <= $end; $k++) {
            $knots[] = $easing->covered(($indices[$k] - $indices[$start]) / ($indices[$end] - $indices[$start]));
        }
        $curves = [];
        foreach ($axisIds as $axisId) {
            $values = [];
            for ($k = $start; $k <= $end; $k++) {
                $values[] = $move->keyframes[$k]->positions[$axisId];
            }
            $curves[$axisId] = new MonotoneCubic($knots, $values);
        }

        return new Leg($start, $end, $indices[$start], $indices[$end], $easing, $curves);
    }
}
