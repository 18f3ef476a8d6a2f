<?php

declare(strict_types=1);

namespace Evrent\Core\Timing;

/**
 * How a keyed duration goes from one key to the next.
 */
enum Between: string
{
    /** By equal seconds. */
    case Linear = 'linear';
    /** By equal stops: linear in log2, as the eye and the sensor count light. */
    case Stops = 'stops';

    /**
     * @param float $share 0…1 of the way from one key to the next
     */
    public function seconds(float $from, float $to, float $share): float
    {
        return match ($this) {
            self::Linear => $from + ($to - $from) * $share,
            self::Stops => 2.0 ** (log($from, 2) + (log($to, 2) - log($from, 2)) * $share),
        };
    }
}
