<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * What of one camera's photos tells which of the plan's they are: when each was taken, and how long it was open.
 */
final readonly class ShownPhotos
{
    /** What exposures that differ by a stop cost beside time. */
    private const A_STOP_APART = 0.4;

    /**
     * @param list<float>  $seconds   that the clock showed, rising
     * @param list<?float> $exposures seconds; empty where the plan has none
     * @param list<?float> $isos      empty where the plan has none
     */
    private function __construct(public array $seconds, public array $exposures, public array $isos)
    {
    }

    public static function of(PlannedPhotos $planned, PhotoList $photos): self
    {
        $seconds = $exposures = $isos = [];
        $hasExposures = array_filter($planned->exposures, is_float(...)) !== [];
        foreach ($photos as $photo) {
            $seconds[] = $photo->unixSeconds ?? 0.0;
            if ($hasExposures) {
                $exposures[] = $photo->exposureSeconds;
            }
            if ($planned->isos !== []) {
                $isos[] = $photo->iso;
            }
        }

        return new self($seconds, $exposures, $isos);
    }

    /** By how much a pair's exposures differ, stops; 0 where they tell nothing. */
    public function stopsApart(PlannedPhotos $planned, int $place, int $i): float
    {
        return $planned->stopsApart($place, $this->exposures[$i] ?? null, $this->isos[$i] ?? null);
    }

    /** What a pair costs beside time: planned place, place on the card. */
    public function unlike(PlannedPhotos $planned, int $place, int $i): float
    {
        return self::A_STOP_APART * min(1.0, $this->stopsApart($planned, $place, $i));
    }
}
