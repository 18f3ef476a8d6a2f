<?php

declare(strict_types=1);

namespace Evrent\Core\Sky;

/**
 * Where something stands, seen from a place: degrees from true north clockwise, and above the horizon.
 */
final readonly class Horizontal
{
    /** Below this nothing is drawn: all of a body is down, and the formula for the air's lift holds no further. */
    public const SEEN_ABOVE_DEGREES = -1.0;

    public function __construct(public float $azimuth, public float $altitude)
    {
    }

    /**
     * What the air lifts it to. Saemundsson's formula in Meeus, Astronomical Algorithms, 16.4, for 1010 hPa and 10 °C; it holds
     * above the horizon and a little below, where nothing is seen anyway.
     */
    public function apparentAltitude(): float
    {
        return $this->altitude < self::SEEN_ABOVE_DEGREES ? $this->altitude : $this->altitude + self::liftDegrees($this->altitude);
    }

    /**
     * Where to look to follow it through the horizon without a jump: below, where nothing is seen, the lift stays what it was at
     * the last.
     */
    public function followedAltitude(): float
    {
        return $this->altitude + self::liftDegrees(max(self::SEEN_ABOVE_DEGREES, $this->altitude));
    }

    private static function liftDegrees(float $altitude): float
    {
        return max(0.0, 1.02 / tan(deg2rad($altitude + 10.3 / ($altitude + 5.11))) + 0.0019279) / 60.0;
    }
}
