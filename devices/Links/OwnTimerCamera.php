<?php

declare(strict_types=1);

namespace Evrent\Devices\Links;

/**
 * A camera that fires by its own timer, whatever the rig does: started from here where it can be told, by hand where not.
 */
final readonly class OwnTimerCamera implements CameraLink, StartsItsTimer, TellsOfItself, SetsUp
{
    /**
     * @param CameraLink $camera as far as it can be reached besides
     */
    public function __construct(private CameraLink $camera)
    {
    }

    public function startTimer(float $intervalSeconds, int $photos): bool
    {
        return $this->camera instanceof StartsItsTimer && $this->camera->startTimer($intervalSeconds, $photos);
    }

    public function stopTimer(): void
    {
        if ($this->camera instanceof StartsItsTimer) {
            $this->camera->stopTimer();
        }
    }

    public function tells(): bool
    {
        return $this->camera->tells();
    }

    public function connect(): void
    {
        $this->camera->connect();
    }

    public function newFiles(): array
    {
        return $this->camera->newFiles();
    }

    public function files(): array
    {
        return $this->camera->files();
    }

    public function takenAt(string $object): ?float
    {
        return $this->camera->takenAt($object);
    }

    public function thumbnail(string $object): ?string
    {
        return $this->camera->thumbnail($object);
    }

    public function fire(): float
    {
        return $this->camera->fire();
    }

    public function batteryPercent(): ?int
    {
        return $this->camera->batteryPercent();
    }

    public function clock(): ?float
    {
        return $this->camera->clock();
    }

    public function photosLeft(): ?int
    {
        return $this->camera->photosLeft();
    }

    public function saysFull(): bool
    {
        return $this->camera->saysFull();
    }

    public function settings(): array
    {
        return $this->camera->settings();
    }

    public function disconnect(): void
    {
        $this->camera->disconnect();
    }

    public function identity(): array
    {
        return $this->camera instanceof TellsOfItself ? $this->camera->identity() : [];
    }

    public function worldSpeed(): ?float
    {
        return $this->camera instanceof TellsOfItself ? $this->camera->worldSpeed() : null;
    }

    public function worldAhead(): float
    {
        return $this->camera instanceof TellsOfItself ? $this->camera->worldAhead() : 0.0;
    }

    public function runAt(float $worldSpeed): void
    {
        if ($this->camera instanceof TellsOfItself) {
            $this->camera->runAt($worldSpeed);
        }
    }

    public function settable(): array
    {
        return $this->camera instanceof SetsUp ? $this->camera->settable() : [];
    }

    public function focusManually(): void
    {
        if ($this->camera instanceof SetsUp) {
            $this->camera->focusManually();
        }
    }

    public function setClock(float $wallSeconds): void
    {
        if ($this->camera instanceof SetsUp) {
            $this->camera->setClock($wallSeconds);
        }
    }
}
