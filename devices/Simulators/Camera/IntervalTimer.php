<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * The simulated camera's own interval timer: fires photo after photo by a clock that may run a little slow, whatever a rig does.
 */
final class IntervalTimer
{
    /** A camera that is not ready is tried again so soon. */
    private const RETRY_SECONDS = 0.02;

    private ?float $dueAt = null;
    private float $firesAt = 0.0;
    private float $intervalSeconds = 0.0;

    /** Photos that are left to take; null without an end. */
    private ?int $left = null;

    /**
     * @param float $driftPpm by how much it runs slow, in millionths
     */
    public function __construct(private readonly float $driftPpm = 0.0)
    {
    }

    /**
     * @param ?int $photos null goes on until it is stopped
     */
    public function start(float $now, float $intervalSeconds, ?int $photos): void
    {
        $this->dueAt = $this->firesAt = $now;
        $this->intervalSeconds = $intervalSeconds * (1.0 + $this->driftPpm / 1e6);
        $this->left = $photos;
    }

    public function stop(): void
    {
        $this->dueAt = null;
    }

    public function isOn(): bool
    {
        return $this->dueAt !== null;
    }

    /** When it fires next; null while it is off. */
    public function firesAt(): ?float
    {
        return $this->dueAt === null ? null : $this->firesAt;
    }

    /** The camera was not ready: it waits for that, and for nothing else. */
    public function retry(): void
    {
        $this->firesAt += self::RETRY_SECONDS;
    }

    /** It has fired. */
    public function fired(): void
    {
        $this->left = $this->left === null ? null : $this->left - 1;
        $this->dueAt = $this->left === 0 || $this->dueAt === null ? null : max($this->dueAt + $this->intervalSeconds, $this->firesAt);
        $this->firesAt = $this->dueAt ?? $this->firesAt;
    }
}
