<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

use Evrent\Core\Messages\Message;

/**
 * A camera on a trigger line alone: nobody ever learns whether it fired.
 */
final class DeafCamera implements CameraLink
{
    public function tells(): bool
    {
        return false;
    }

    public function connect(): void
    {
    }

    public function newFiles(): array
    {
        return [];
    }

    public function files(): array
    {
        return [];
    }

    public function takenAt(string $object): ?float
    {
        return null;
    }

    public function thumbnail(string $object): ?string
    {
        return null;
    }

    public function fire(): never
    {
        throw new DeviceRefused(new Message('devices.camera.fired_by_rig'));
    }

    public function batteryPercent(): ?int
    {
        return null;
    }

    public function clock(): ?float
    {
        return null;
    }

    public function photosLeft(): ?int
    {
        return null;
    }

    public function saysFull(): bool
    {
        return false;
    }

    public function settings(): array
    {
        return [];
    }

    public function disconnect(): void
    {
    }
}
