<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * Neutral density filters: how much they take, and which of those in the bag come nearest.
 */
final readonly class NeutralDensity
{
    /**
     * @param list<float> $stops    of the filters chosen: none, one, or two stacked
     * @param float       $leftOver stops still too bright; below zero the filters take too much
     */
    private function __construct(public array $stops, public float $leftOver)
    {
    }

    /** Stops that drag an exposure from what was metered to what is wanted. */
    public static function stopsNeeded(float $meteredSeconds, float $wantedSeconds): float
    {
        return log($wantedSeconds / $meteredSeconds, 2);
    }

    /** Optical density: 0.30103 a stop. */
    public static function density(float $stops): float
    {
        return log10(2.0) * $stops;
    }

    /**
     * @param list<float> $kit stops of each filter in the bag
     */
    public static function pick(float $stopsNeeded, array $kit): self
    {
        $best = new self([], $stopsNeeded);
        foreach ($kit as $i => $one) {
            $best = $best->betterOf(new self([$one], $stopsNeeded - $one));
            foreach (array_slice($kit, $i + 1) as $other) {
                $best = $best->betterOf(new self([$one, $other], $stopsNeeded - $one - $other));
            }
        }

        return $best;
    }

    /** Nearer wins; as near, fewer pieces of glass. */
    private function betterOf(self $other): self
    {
        $nearer = abs($this->leftOver) - abs($other->leftOver);

        return $nearer > 1e-9 || abs($nearer) <= 1e-9 && count($other->stops) < count($this->stops) ? $other : $this;
    }
}
