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
     * @param list<?float> $exposures seconds; empty where they tell nothing
     */
    private function __construct(public array $seconds, private array $exposures)
    {
    }

    public static function of(PlannedPhotos $planned, PhotoList $photos): self
    {
        $seconds = $exposures = [];
        foreach ($photos as $photo) {
            $seconds[] = $photo->unixSeconds ?? 0.0;
            if ($planned->exposuresTell) {
                $exposures[] = $photo->exposureSeconds;
            }
        }

        return new self($seconds, $exposures);
    }

    /** By how much a pair's exposures differ, stops; 0 where they tell nothing. */
    public function stopsApart(PlannedPhotos $planned, int $place, int $i): float
    {
        return $this->exposures === [] ? 0.0 : $planned->stopsApart($place, $this->exposures[$i]);
    }

    /** What a pair costs beside time: planned place, place on the card. */
    public function unlike(PlannedPhotos $planned, int $place, int $i): float
    {
        return self::A_STOP_APART * min(1.0, $this->stopsApart($planned, $place, $i));
    }
}
