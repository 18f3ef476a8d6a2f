<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera that tells which one it is, and whether it is a simulated one.
 *
 * @throws DeviceGone
 */
interface TellsOfItself
{
    /** @return array{model?: string, serial?: string} what it says */
    public function identity(): array;

    /** @return ?float simulated seconds in a real one; null for a real camera */
    public function worldSpeed(): ?float;

    /** Seconds by which a simulated world is ahead of ours; 0 for a real camera. */
    public function worldAhead(): float;

    /**
     * Has a simulated camera run its world so many times as fast as ours. Only while it takes nothing.
     *
     * @throws DeviceRefused
     */
    public function runAt(float $worldSpeed): void;
}
