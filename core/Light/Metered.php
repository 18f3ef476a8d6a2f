<?php

declare(strict_types=1);

namespace Evrent\Core\Light;

use Evrent\Core\Sky\Instant;

/**
 * An exposure that a meter, or a test photo, gave for this scene at a known time.
 */
final readonly class Metered
{
    /**
     * @param Exposure $exposure that was right, without a filter
     */
    public function __construct(public Instant $at, public Exposure $exposure)
    {
    }

    /** EV at ISO 100: log2(N² / t · 100 / ISO). */
    public function exposureValue(): float
    {
        return log($this->exposure->aperture ** 2 / $this->exposure->seconds * 100.0 / $this->exposure->iso, 2);
    }
}
