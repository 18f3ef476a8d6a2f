<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * Where every axis stands at each travelling photo, and between photos.
 *
 * Keyframes that stop cut the path into legs, each eased on its own. Within a leg the passed keyframes become
 * knots over the share of the way covered, and a shape-preserving curve goes through them; with no passed keyframe
 * that is a straight line. Every keyframe is met exactly on its photo and no axis overshoots. A move that goes back and forth comes back the
 * way it went, each ramp where it was, and turns round on the photo of its first or last keyframe.
 */
final readonly class Path
{
    /**
     * @param list<Leg>    $legs    of one way, in order, without gaps
     * @param list<string> $axisIds
     * @param int          $oneWay  travelling photos of one way, both ends included
     * @param int          $photos  travelling photos in all
     */
    private function __construct(public array $legs, private array $axisIds, private int $oneWay, private int $photos)
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
        $oneWay = $move->oneWay($photos);
        if ($oneWay > $photos) {
            $problems = new Problems();
            $problems->add('/move/one_way_photos', new Message('motion.path.one_way', ['photos' => $photos]), $photos);
            $problems->throwIfAny();
        }
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

        return new self($legs, $axisIds, $oneWay, $photos);
    }

    /**
     * @return list<int> the travelling photo of each keyframe on the first way
     *
     * @throws \Evrent\Core\Values\InvalidInput when two keyframes fall on one photo
     */
    public static function travelIndices(Move $move, int $photos): array
    {
        $problems = new Problems();
        $indices = [];
        foreach ($move->keyframes as $i => $keyframe) {
            $indices[] = $keyframe->travelIndex($move->oneWay($photos));
            if ($i > 0 && $indices[$i] <= $indices[$i - 1]) {
                $problems->add(
                    "/move/keyframes/{$i}/at",
                    new Message('motion.path.same_photo', ['oneWay' => $move->oneWay($photos)]),
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
        $travelIndex = $this->onFirstWay($travelIndex);
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
        for ($index = $this->oneWay; $index < $this->photos; $index++) {
            $same = (int) $this->onFirstWay($index);
            foreach ($this->axisIds as $axisId) {
                $columns[$axisId][] = $columns[$axisId][$same];
            }
        }

        return $columns;
    }

    /**
     * Each way from one end to the other, the last of them perhaps cut short.
     *
     * @return list<array{int, bool}> the travelling photo with which it begins, and whether it leads back to the first keyframe
     */
    public function ways(): array
    {
        $ways = [];
        for ($begins = 0; $begins < $this->photos - 1; $begins += $this->oneWay - 1) {
            $ways[] = [$begins, count($ways) % 2 === 1];
        }

        return $ways;
    }

    /**
     * Every keyframe as often as the move comes to it.
     *
     * @param int $photos travelling photos
     *
     * @return array<int, int> place of the keyframe, from 0, by the travelling photo that reaches it
     *
     * @throws \Evrent\Core\Values\InvalidInput when two keyframes fall on one photo
     */
    public static function reached(Move $move, int $photos): array
    {
        $way = $move->oneWay($photos) - 1;
        $reached = [];
        $onWay = array_flip(self::travelIndices($move, $photos));
        for ([$from, $isBack] = [0, false]; $from < $photos - 1; [$from, $isBack] = [$from + $way, !$isBack]) {
            foreach ($onWay as $index => $place) {
                $reached[$from + ($isBack ? $way - $index : $index)] = $place;
            }
        }

        return array_filter($reached, static fn (int $index): bool => $index < $photos, ARRAY_FILTER_USE_KEY);
    }

    /** The travelling photo of the first way, or a place between two, at which it stands as it does at this one. */
    public function onFirstWay(float $travelIndex): float
    {
        if ($this->oneWay === $this->photos) {
            return $travelIndex;
        }
        $way = $this->oneWay - 1.0;
        $into = fmod(max(0.0, min($this->photos - 1.0, $travelIndex)), 2.0 * $way);

        return $into > $way ? 2.0 * $way - $into : $into;
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
