<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Path;
use Evrent\Core\Plan\Plan;

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
        $phases = $indices = [];
        foreach (self::walk($plan) as $index => $phase) {
            $phases[] = $phase;
            $indices[] = $index;
        }

        return new self($phases, $indices);
    }

    /**
     * The same, one photo at a time.
     *
     * @return iterable<int, Phase> the travelling photo whose framing it has (not unique) => which part it belongs to
     */
    public static function walk(Plan $plan): iterable
    {
        $holdAt = [];
        foreach (Path::reached($plan->move, $plan->timing->photos) as $index => $place) {
            $holdAt[$index] = $plan->move->keyframes[$place]->holdPhotos;
        }
        for ($head = $plan->timing->headPhotos; $head > 0; $head--) {
            yield 0 => Phase::Head;
        }
        $last = $plan->timing->photos - 1;
        for ($index = 0; $index <= $last; $index++) {
            yield $index => Phase::Move;
            for ($held = $holdAt[$index] ?? 0; $held > 0; $held--) {
                yield $index => Phase::Hold;
            }
        }
        for ($tail = $plan->timing->tailPhotos; $tail > 0; $tail--) {
            yield $last => Phase::Tail;
        }
    }
}
