<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * One setting of shutter, aperture and sensitivity.
 */
final readonly class Exposure
{
    /** So far are marks rounded at most: 320 for 317, 640 for 635, 500 for 504. */
    private const MOST_ROUNDED = 0.02;

    /**
     * @param float $aperture the f-number
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public float $seconds, public float $aperture, public float $iso)
    {
        $problems = new Problems();
        $problems->unlessPositive($seconds, 86_400, '/exposure_s', new Message('what.seconds'));
        $problems->unlessPositive($aperture, 1_000, '/aperture', new Message('what.f_number'));
        $problems->unlessBetween($iso, 1, 10_000_000, '/iso', new Message('what.iso'));
        $problems->throwIfAny();
    }

    /**
     * What a scene asks for: t = N² / (2^EV · ISO / 100).
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public static function forScene(float $exposureValue, float $aperture, float $iso): self
    {
        return new self($aperture ** 2 / (2.0 ** $exposureValue * $iso / 100.0), $aperture, $iso);
    }

    /** By how many stops another setting is brighter. */
    public function stopsTo(self $other): float
    {
        return log($other->seconds * $other->iso / $other->aperture ** 2 / ($this->seconds * $this->iso / $this->aperture ** 2), 2);
    }

    /**
     * What a shutter really does behind its mark: marks are rounded for reading, the scale has steps of a third of a stop. Marked 30
     * is 32 s, 15 is 16 s, 1/60 is 1/64 s.
     */
    public static function trueSeconds(float $markedSeconds): float
    {
        return 2.0 ** (round(3.0 * log($markedSeconds, 2)) / 3.0);
    }

    /** Marks of ISO are rounded in the same way: 125 stands for 126, a third of a stop above 100. Odd ones are taken as they are. */
    public static function trueIso(float $iso): float
    {
        $third = 100.0 * 2.0 ** (round(3.0 * log($iso / 100.0, 2)) / 3.0);

        return abs($third / $iso - 1.0) < self::MOST_ROUNDED ? $third : $iso;
    }
}
