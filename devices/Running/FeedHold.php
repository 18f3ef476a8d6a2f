<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\RigLink;

/**
 * Brakes the rig of a take while nobody can tell whether another host drives it by now, and lets go of it when that is known again. A photo that is
 * exposed at rest is finished first; one that is exposed while the rig creeps is moved.
 */
final class FeedHold
{
    /** Real seconds without a proof that nobody else drives this take, after which the rig is held. */
    private const PROOF_SECONDS = 2.0;

    private const RETRY_SECONDS = 0.2;

    private bool $isHeld = false;

    /** A line is closed for an exposure that must not be cut short. */
    private bool $isTriggering = false;

    /** The photo that is exposed while the rig creeps, and when its shutter is closed again. */
    private ?int $exposed = null;
    private float $closesAt = -INF;

    /** The photo that was being exposed when a creeping rig was held. */
    private ?int $moved = null;

    /**
     * @param bool $creeps whether the rig moves while it exposes
     */
    public function __construct(
        private readonly ?RigLink $rig,
        private readonly TakeStore $store,
        private readonly RunClock $clock,
        private readonly bool $creeps,
    ) {
    }

    public function isHeld(): bool
    {
        return $this->isHeld;
    }

    /**
     * @param bool           $isMoving whether the rig sets out at the trigger of this photo
     * @param float          $closesAt when its shutter is closed again, in seconds of the take
     * @param callable(): ?float $trigger what it answers is answered
     *
     * @throws DeviceGone
     */
    public function whileTriggering(int $photo, bool $isMoving, float $closesAt, callable $trigger): ?float
    {
        [$this->exposed, $this->closesAt] = [$isMoving ? $photo : null, $closesAt];
        $this->isTriggering = true;
        try {
            return $trigger();
        } finally {
            $this->isTriggering = false;
        }
    }

    /**
     * To be called again and again: without a proof that nobody else drives this take, nothing goes on moving.
     *
     * @throws HoldLost when somebody does: the rig is not touched
     */
    public function unlessProven(): void
    {
        if ($this->isHeld || $this->isProven() || $this->isTriggering && !$this->creeps) {
            return;
        }
        $this->store->prove();
        if ($this->isProven()) {
            return;
        }
        $this->isHeld = true;
        $this->moved = $this->clock->now() < $this->closesAt ? $this->exposed : null;
        try {
            $this->rig?->hold();
        } catch (DeviceGone) {
            // It is found out when it is needed next.
        }
    }

    /**
     * Before anything is sent that moves: a program may have stood still since its last proof.
     *
     * @throws FeedHeld when the rig was held meanwhile
     * @throws HoldLost
     */
    public function beforeMoving(): void
    {
        $this->unlessProven();
        while ($this->isHeld) {
            $this->store->prove();
            $this->letGo();
            $this->clock->rest(self::RETRY_SECONDS);
        }
    }

    /**
     * Where it was held, and is proven again: what the rig was still to do is forgotten.
     *
     * @throws FeedHeld then: its place is to be asked
     */
    public function letGo(): void
    {
        if (!$this->isHeld || !$this->isProven()) {
            return;
        }
        $this->isHeld = false;
        try {
            $this->rig?->stop();
        } catch (DeviceGone) {
            // Then it is reached anew all the same.
        }
        [$moved, $this->moved] = [$this->moved, null];
        throw new FeedHeld($moved);
    }

    /** @phpstan-impure A question to the store changes it. */
    private function isProven(): bool
    {
        return $this->store->unprovenSeconds() < self::PROOF_SECONDS;
    }
}
