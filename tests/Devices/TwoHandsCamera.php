<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Devices\Links\CameraLink;

/**
 * A camera that tells whoever listens what it took.
 */
final class TwoHandsCamera implements CameraLink
{
    private int $told = 0;

    public function __construct(private readonly TwoHands $world, private readonly int $who, private readonly int $token)
    {
    }

    public function tells(): bool
    {
        return true;
    }

    public function connect(): void
    {
        $this->world->step($this->who);
        $this->told = count($this->files());
    }

    public function newFiles(): array
    {
        $files = $this->files();
        $new = array_slice($files, $this->told);
        $this->told = count($files);

        return $new;
    }

    public function files(): array
    {
        $now = $this->world->now;

        return array_column(array_filter($this->world->card, static fn (array $file): bool => $file[1] <= $now), 0);
    }

    public function takenAt(string $object): ?float
    {
        return null;
    }

    public function thumbnail(string $object): ?string
    {
        return null;
    }

    public function fire(): float
    {
        $this->world->acts($this->token, 'fired');
        $this->world->step($this->who, $this->world->busySeconds);
        $this->world->takes();

        return $this->world->busySeconds;
    }

    public function batteryPercent(): ?int
    {
        return null;
    }

    public function photosLeft(): ?int
    {
        return null;
    }

    public function clock(): ?float
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
