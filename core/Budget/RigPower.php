<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the rig draws.
 */
final readonly class RigPower
{
    /**
     * @param float $movingWatts  while an axis moves
     * @param float $holdingWatts while motors hold their place between moves
     * @param float $idleWatts    before the move begins and after it ends
     * @param bool  $isOnMains    plugged in: no battery ends it
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public Battery $battery,
        public float $movingWatts = 12.0,
        public float $holdingWatts = 4.0,
        public float $idleWatts = 1.0,
        public bool $isOnMains = false,
    ) {
        $problems = new Problems();
        foreach (['moving_w' => $movingWatts, 'holding_w' => $holdingWatts, 'idle_w' => $idleWatts] as $field => $watts) {
            $problems->unlessBetween($watts, 0, 10_000, "/{$field}", new Message('what.watts'));
        }
        $problems->throwIfAny();
    }

    public function withBattery(Battery $battery): self
    {
        return Copy::of($this, get_object_vars($this), ['battery' => $battery]);
    }
}
