<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera whose own timer can be started from here.
 */
interface StartsItsTimer
{
    /**
     * The first photo is taken at once, and then one each interval.
     *
     * @return bool whether it has started; false where a hand has to do it
     *
     * @throws DeviceGone
     * @throws DeviceRefused
     */
    public function startTimer(float $intervalSeconds, int $photos): bool;

    /** Takes no more photos. */
    public function stopTimer(): void;
}
