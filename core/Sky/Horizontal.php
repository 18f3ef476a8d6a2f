<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Where something stands, seen from a place: degrees from true north clockwise, and above the horizon.
 */
final readonly class Horizontal
{
    public function __construct(public float $azimuth, public float $altitude)
    {
    }

    /**
     * What the air lifts it to. Saemundsson's formula in Meeus, Astronomical Algorithms, 16.4, for 1010 hPa and 10 °C; it holds
     * above the horizon and a little below, where nothing is seen anyway.
     */
    public function apparentAltitude(): float
    {
        if ($this->altitude < -1.0) {
            return $this->altitude;
        }
        $minutes = 1.02 / tan(deg2rad($this->altitude + 10.3 / ($this->altitude + 5.11))) + 0.0019279;

        return $this->altitude + max(0.0, $minutes) / 60.0;
    }
}
