<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

/**
 * A photo to frame by in the dark: as bright as the shot's own, in as little time as the body can.
 */
final class TestPhoto
{
    /**
     * @param float $exposureSeconds of the shot
     * @param float $iso             of the shot
     * @param float $highestIso      that the body has
     *
     * @return float seconds: the same light at the highest ISO, 16 s at 2,000 is 2 s at 16,000
     */
    public static function seconds(float $exposureSeconds, float $iso, float $highestIso): float
    {
        return $exposureSeconds * $iso / max($iso, $highestIso);
    }
}
