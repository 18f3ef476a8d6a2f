<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Run\Before\RigReport;

/**
 * A rig that can be driven. What takes time asks `$meanwhile` again and again until it is done.
 *
 * @throws DeviceGone    when the rig does not answer any more
 * @throws DeviceRefused when it will not
 */
interface RigLink
{
    /** Reaches it, if it is not reached already. */
    public function connect(): void;

    /** @param callable(): void $meanwhile */
    public function home(callable $meanwhile): void;

    /**
     * Goes there as fast as it can, and stands.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     * @param callable(): void     $meanwhile
     */
    public function moveTo(array $positions, callable $meanwhile): void;

    /**
     * Sets out to be there in so many seconds, and does not wait for it.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     */
    public function creepTo(array $positions, float $seconds): void;

    /**
     * Is fed on to there, and does not wait for it: a word that leads on in the same direction is gone without a stop, and the last one brakes.
     *
     * @param array<string, float> $positions mm or degrees by axis id
     * @param float                $feed      units a minute along the way
     */
    public function feedTo(array $positions, float $feed): void;

    /**
     * Closes the trigger line, and opens it again.
     *
     * @param ?float           $seconds   how long; null for just long enough to be noticed
     * @param callable(): void $meanwhile
     */
    public function trigger(?float $seconds, callable $meanwhile): void;

    public function status(): RigStatus;

    /** What it reported of itself when it was reached; null where it reports nothing. */
    public function report(): ?RigReport;

    /** @return array<string, string> the letters that the plan's axes have on it, by id */
    public function letters(): array;

    /** Has a simulated rig run its world so many times as fast as ours. Only while nothing moves. */
    public function runAt(float $worldSpeed): void;

    /** Brakes, and stands until it is released or stopped: it still knows where. Does not wait for it. */
    public function hold(): void;

    /** Stops at once, wherever it is; what was still to be done is forgotten. */
    public function stop(): void;

    public function disconnect(): void;
}
