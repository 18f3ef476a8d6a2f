<?php

declare(strict_types=1);

namespace Evrent\Core\Motion;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * How the rig's base stands in the world: how far off level, and where its pan axis points at 0.
 */
final readonly class Base
{
    public const MOST_OFF_LEVEL_DEGREES = 45.0;

    /**
     * @param float $offLevelDegrees    angle between the base and the horizontal
     * @param float $towardDegrees      bearing toward which it leans down, from true north clockwise
     * @param float $zeroBearingDegrees bearing of the camera with the pan axis at 0, from true north clockwise
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public float $offLevelDegrees = 0.0,
        public float $towardDegrees = 0.0,
        public float $zeroBearingDegrees = 0.0,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($offLevelDegrees, 0, self::MOST_OFF_LEVEL_DEGREES, '/off_level_deg', new Message('what.angle'));
        foreach (['/toward_deg' => $towardDegrees, '/zero_bearing_deg' => $zeroBearingDegrees] as $field => $bearing) {
            $problems->unlessBetween($bearing, -360, 360, $field, new Message('what.bearing'));
        }
        $problems->throwIfAny();
    }

    /**
     * How far the horizon leans in the picture, from the base's plane tilted by φ toward bearing β: asin(sin φ · sin(ψ - β)) at
     * bearing ψ.
     *
     * @return float degrees, above zero when it falls to the right
     */
    public function leanDegrees(float $panDegrees): float
    {
        return rad2deg(asin(sin(deg2rad($this->offLevelDegrees)) * sin($this->fromLean($panDegrees))));
    }

    /**
     * How far the camera points down for its base's lean, φ · cos(ψ - β).
     *
     * @return float degrees, above zero when it points down and the horizon rises
     */
    public function dipDegrees(float $panDegrees): float
    {
        return $this->offLevelDegrees * cos($this->fromLean($panDegrees));
    }

    /** From the bearing of the lean to the camera's, in radians. */
    private function fromLean(float $panDegrees): float
    {
        return deg2rad($this->zeroBearingDegrees + $panDegrees - $this->towardDegrees);
    }
}
