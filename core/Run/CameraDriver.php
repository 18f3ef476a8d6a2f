<?php

declare(strict_types=1);

namespace Evrent\Core\Run;

/**
 * A camera that can be triggered. Times are seconds from the first planned trigger.
 */
interface CameraDriver
{
    /** The earliest time at which it can be triggered again. */
    public function readyAtSeconds(): float;

    /**
     * @return ?Exposed what it says of the photo; null when it took none and said nothing
     */
    public function trigger(float $atSeconds, float $exposureSeconds): ?Exposed;
}
