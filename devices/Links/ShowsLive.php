<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera that shows what it sees before it takes a photo.
 *
 * @throws DeviceGone
 */
interface ShowsLive
{
    public function hasLiveView(): bool;

    /**
     * What it sees now.
     *
     * @param int   $magnified how many times, for focusing: 1 for the whole
     * @param float $x         middle of what is magnified, as a share of the picture's width
     * @param float $y         and of its height, from the top
     *
     * @return ?string JPEG; null while it has none, as while it exposes
     *
     * @throws DeviceRefused where it has no live view
     */
    public function liveFrame(int $magnified = 1, float $x = 0.5, float $y = 0.5): ?string;
}
