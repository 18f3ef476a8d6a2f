<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Path;
use Evrent\Core\Plan;

/**
 * The photos in the order in which they are taken: head photos standing at the first keyframe, the travelling
 * photos, the photos held at a keyframe right after the one that reaches it, tail photos standing at the last.
 */
final readonly class PhotoOrder
{
    /**
     * @param list<Phase> $phases        by photo
     * @param list<int>   $travelIndices the travelling photo whose framing each photo has
     */
    private function __construct(public array $phases, public array $travelIndices)
    {
    }

    public static function of(Plan $plan): self
    {
        $holdAt = [];
        foreach (Path::travelIndices($plan->move, $plan->timing->photos) as $i => $index) {
            $holdAt[$index] = $plan->move->keyframes[$i]->holdPhotos;
        }
        $last = $plan->timing->photos - 1;
        $phases = array_fill(0, $plan->timing->headPhotos, Phase::Head);
        $indices = array_fill(0, $plan->timing->headPhotos, 0);
        for ($index = 0; $index <= $last; $index++) {
            $phases[] = Phase::Move;
            $indices[] = $index;
            for ($held = $holdAt[$index] ?? 0; $held > 0; $held--) {
                $phases[] = Phase::Hold;
                $indices[] = $index;
            }
        }
        for ($tail = $plan->timing->tailPhotos; $tail > 0; $tail--) {
            $phases[] = Phase::Tail;
            $indices[] = $last;
        }

        return new self($phases, $indices);
    }
}
