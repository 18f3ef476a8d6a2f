<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Rig;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\Mode;

/**
 * When each photo is triggered, and how much of its interval is left over.
 */
final readonly class Timeline
{
    /** Times are sums of many floats: less than this is no lateness. */
    public const TOLERANCE_SECONDS = 1e-9;

    /**
     * All lists have one number of seconds for each photo; the chains' are null for the last, which nothing follows.
     *
     * @param list<float>  $triggerSeconds     from the first trigger
     * @param list<float>  $closeSeconds       the shutter closes
     * @param list<float>  $writeStartSeconds  the card starts to write it
     * @param list<float>  $writeEndSeconds    the card has it
     * @param list<float>  $lateSeconds        trigger less its nominal time
     * @param list<?float> $rigSeconds         what the rig's chain needs, from the trigger
     * @param list<?float> $cameraSeconds      what the camera's chain needs, from the trigger
     * @param list<?float> $requiredSeconds    the longer of the two
     * @param list<?float> $slackSeconds       interval less required
     */
    private function __construct(
        public array $triggerSeconds,
        public array $closeSeconds,
        public array $writeStartSeconds,
        public array $writeEndSeconds,
        public array $lateSeconds,
        public array $rigSeconds,
        public array $cameraSeconds,
        public array $requiredSeconds,
        public array $slackSeconds,
    ) {
    }

    /**
     * @param list<float> $intervalSeconds start to start, for each photo
     * @param list<float> $exposureSeconds for each photo
     * @param list<float> $moveSeconds     the move after each photo; 0 when there is none
     * @param bool        $waitsForCamera  false when the camera is on its own timer
     * @param list<float> $setSeconds      setting the camera after each photo (`CameraSets`); empty where it is not set
     */
    public static function compute(
        Mode $mode,
        Rig $rig,
        Camera $camera,
        array $intervalSeconds,
        array $exposureSeconds,
        array $moveSeconds,
        bool $waitsForCamera = true,
        array $setSeconds = [],
    ): self {
        $photos = count($intervalSeconds);
        $triggers = $closes = $writeStarts = $writeEnds = $lates = $rigs = $cameras = $requireds = $slacks = [];
        $clockwork = new Clockwork($mode, $rig, $camera, $waitsForCamera);
        for ($n = 0; $n < $photos; $n++) {
            $triggers[] = $clockwork->trigger;
            $lates[] = $clockwork->late();
            $clockwork->expose($exposureSeconds[$n]);
            $closes[] = $clockwork->close;
            $writeStarts[] = $clockwork->writeStart;
            $writeEnds[] = $clockwork->writeEnd;
            if ($n === $photos - 1) {
                $rigs[] = $cameras[] = $requireds[] = $slacks[] = null;
                break;
            }
            $clockwork->goOn($intervalSeconds[$n], $moveSeconds[$n], $setSeconds[$n] ?? 0.0);
            $rigs[] = $clockwork->rigNeeds;
            $cameras[] = $clockwork->cameraNeeds;
            $requireds[] = $clockwork->required;
            $slacks[] = $clockwork->slack;
        }

        return new self($triggers, $closes, $writeStarts, $writeEnds, $lates, $rigs, $cameras, $requireds, $slacks);
    }

    /**
     * When a photo would be triggered if no interval were stretched.
     *
     * @param int $n photo, from 0
     */
    public function askedTriggerSeconds(int $n): float
    {
        return $this->triggerSeconds[$n] - $this->lateSeconds[$n];
    }

    /** Whether every photo is triggered when its interval says. */
    public function keepsTime(): bool
    {
        return $this->lateSeconds[count($this->lateSeconds) - 1] <= self::TOLERANCE_SECONDS;
    }

    /**
     * @param list<?float> $chainSeconds    what a chain needs, by photo
     * @param list<float>  $intervalSeconds by photo
     *
     * @return list<int> positions (from 0) of the photos whose chain is longer than their interval
     */
    public static function overrunning(array $chainSeconds, array $intervalSeconds): array
    {
        $over = [];
        foreach ($chainSeconds as $n => $needed) {
            if ($needed !== null && $needed - $intervalSeconds[$n] > self::TOLERANCE_SECONDS) {
                $over[] = $n;
            }
        }

        return $over;
    }
}
