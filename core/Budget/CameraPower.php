<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Copy;
use Evrent\Core\Values\Problems;

/**
 * What the camera draws.
 */
final readonly class CameraPower
{
    private const USUAL_SLEEP_WATTS = 0.05;

    /**
     * @param float $idleWatts     awake between photos
     * @param float $exposingWatts while the shutter is open, dark exposures included
     * @param float $photoJoules   for each photo's writing and review
     * @param bool  $isOnMains     by an adapter or a dummy battery: no battery ends it
     * @param ?float $sleepsAfterSeconds awake with nothing to do; null where it does not fall asleep
     * @param float $sleepWatts    asleep
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(
        public Battery $battery,
        public float $idleWatts = 1.0,
        public float $exposingWatts = 2.5,
        public float $photoJoules = 3.0,
        public bool $isOnMains = false,
        public ?float $sleepsAfterSeconds = null,
        public float $sleepWatts = self::USUAL_SLEEP_WATTS,
    ) {
        $problems = new Problems();
        $problems->unlessBetween($idleWatts, 0, 1_000, '/idle_w', new Message('what.watts'));
        $problems->unlessBetween($exposingWatts, 0, 1_000, '/exposing_w', new Message('what.watts'));
        $problems->unlessBetween($photoJoules, 0, 100_000, '/photo_j', new Message('what.joules'));
        $problems->unlessBetween($sleepWatts, 0, 1_000, '/sleep_w', new Message('what.watts'));
        if ($sleepsAfterSeconds !== null) {
            $problems->unlessBetween($sleepsAfterSeconds, 0, 86_400, '/sleeps_after_s', new Message('what.seconds'));
        }
        $problems->throwIfAny();
    }

    /** Joules between two photos with nothing to do. */
    public function waitingJoules(float $seconds): float
    {
        $awake = min($seconds, $this->sleepsAfterSeconds ?? $seconds);

        return $awake * $this->idleWatts + ($seconds - $awake) * $this->sleepWatts;
    }

    public function withBattery(Battery $battery): self
    {
        return Copy::of($this, get_object_vars($this), ['battery' => $battery]);
    }
}
