<?php

declare(strict_types=1);

namespace Evrent\Core\Photos;

/**
 * What of one camera's photos tells which of the plan's they are: when each was taken, how long it was open, and its name where a log has names.
 */
final readonly class ShownPhotos
{
    /** What exposures that differ by a stop cost beside time, and a name that the log gave to another. */
    private const A_STOP_APART = 0.4;
    private const ANOTHER_NAME = 0.6;

    /**
     * @param list<float>  $seconds   that the clock showed, rising
     * @param list<?float> $exposures seconds; empty where they tell nothing
     * @param list<string> $names     of files; empty where no log has any
     */
    private function __construct(public array $seconds, private array $exposures, private array $names)
    {
    }

    public static function of(PlannedPhotos $planned, PhotoList $photos): self
    {
        $seconds = $exposures = $names = [];
        foreach ($photos as $photo) {
            $seconds[] = $photo->unixSeconds ?? 0.0;
            if ($planned->exposuresTell) {
                $exposures[] = $photo->exposureSeconds;
            }
            if ($planned->files !== []) {
                $names[] = basename($photo->file);
            }
        }

        return new self($seconds, $exposures, $names);
    }

    /** By how much a pair's exposures differ, stops; 0 where they tell nothing. */
    public function stopsApart(PlannedPhotos $planned, int $place, int $i): float
    {
        return $this->exposures === [] ? 0.0 : $planned->stopsApart($place, $this->exposures[$i]);
    }

    /** What a pair costs beside time: planned place, place on the card. */
    public function unlike(PlannedPhotos $planned, int $place, int $i): float
    {
        $file = $planned->files[$place] ?? null;

        return self::A_STOP_APART * min(1.0, $this->stopsApart($planned, $place, $i))
            + ($file !== null && $file !== $this->names[$i] ? self::ANOTHER_NAME : 0.0);
    }
}
