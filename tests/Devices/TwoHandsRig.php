<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Before\RigReport;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\RigStatus;

/**
 * A rig that obeys whoever talks to it.
 */
final class TwoHandsRig implements RigLink
{
    private const MOVE_SECONDS = 0.4;
    private const HOME_SECONDS = 2.0;

    public function __construct(private readonly TwoHands $world, private readonly int $who, private readonly int $token)
    {
    }

    public function connect(): void
    {
        $this->world->step($this->who);
    }

    public function home(callable $meanwhile): void
    {
        $this->sent('homed');
        $this->until($this->world->now + self::HOME_SECONDS, $meanwhile);
    }

    public function moveTo(array $positions, callable $meanwhile): void
    {
        $this->sent('moved');
        $this->world->positions = $positions;
        $this->until($this->world->now + self::MOVE_SECONDS, $meanwhile);
    }

    public function creepTo(array $positions, float $seconds): void
    {
        $this->sent('crept');
        $this->world->positions = $positions;
        $this->world->arrivesAt = $this->world->now + $seconds;
    }

    public function feedTo(array $positions, float $feed): void
    {
        $this->sent('fed');
        $this->world->positions = $positions;
    }

    public function trigger(?float $seconds, callable $meanwhile): void
    {
        $this->sent('triggered');
        $this->world->takes();
        $this->world->step($this->who);
    }

    public function status(): RigStatus
    {
        $this->world->step($this->who);
        $state = $this->world->isHeld ? RigStatus::HELD : ($this->world->isMoving() ? 'Run' : 'Idle');

        return new RigStatus($state, $this->world->positions, array_map(static fn (): int => 0, $this->world->positions), null);
    }

    public function report(): ?RigReport
    {
        return null;
    }

    public function letters(): array
    {
        return [];
    }

    public function runAt(float $worldSpeed): void
    {
    }

    public function hold(): void
    {
        // To brake is no move: whoever cannot ask whether another drives may do it.
        $this->world->step($this->who);
        $this->world->isHeld = true;
    }

    public function stop(): void
    {
        $this->sent('stopped');
        $this->world->isHeld = false;
        $this->world->arrivesAt = null;
    }

    public function disconnect(): void
    {
    }

    private function sent(string $what): void
    {
        $this->world->acts($this->token, $what);
    }

    /** @param callable(): void $meanwhile */
    private function until(float $arrives, callable $meanwhile): void
    {
        $this->world->arrivesAt = $arrives;
        while ($this->world->isMoving() || $this->world->isHeld) {
            $this->world->step($this->who, 0.02);
            $meanwhile();
        }
    }
}
