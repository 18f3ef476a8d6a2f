<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera, as far as it can be reached.
 *
 * @throws DeviceGone when it does not answer any more
 */
interface CameraLink
{
    /** Whether it says what it took. */
    public function tells(): bool;

    public function connect(): void;

    /**
     * What it has said since it was last asked. Never waits.
     *
     * @return list<string> names of files that are on its card now, the oldest first
     */
    public function newFiles(): array;

    /**
     * All that is on its card, in the order in which it was taken.
     *
     * @return list<string>
     */
    public function files(): array;

    /**
     * @return ?float when a file on its card was taken, whole seconds of its own wall time as `clock()` has them; null where it does not say
     */
    public function takenAt(string $object): ?float;

    /**
     * A small picture of a photo on its card.
     *
     * @return ?string JPEG; null where it does not send one
     */
    public function thumbnail(string $object): ?string;

    /**
     * Fires it where no rig does.
     *
     * @return float real seconds for which it was still busy with the photo before, and was asked again: it exposes that much later
     *
     * @throws DeviceRefused
     */
    public function fire(): float;

    /** @return ?int per cent; null where it does not say */
    public function batteryPercent(): ?int;

    /** @return ?int photos that its card still takes; null where it does not say */
    public function photosLeft(): ?int;

    /** Whether it has said by itself, since this was last asked, that its card is full. Never waits. */
    public function saysFull(): bool;

    /** @return ?float what its own clock shows, whole seconds from 1970 in its own wall time; null where it does not say */
    public function clock(): ?float;

    /**
     * What must not change during a take.
     *
     * @return array<string, string> by what it is: focus mode, white balance, ISO, shutter time; those that it tells
     */
    public function settings(): array;

    public function disconnect(): void;
}
