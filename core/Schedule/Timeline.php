<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Rig;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\Mode;

/**
 * When each photo is triggered, and how much of its interval is left over.
 *
 * Two chains run side by side after a trigger. The rig: shutter lag, exposure, delay after the exposure, move,
 * settling (moving continuously, it only waits for the shutter). The camera: shutter lag, exposure (twice with
 * long-exposure noise reduction), and a free place in its buffer, which the card empties one photo at a time.
 * The next trigger comes at the interval's end or when both chains are done, whichever is later: a controller
 * that triggers the camera stretches an interval that is too short, and says nothing.
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
     */
    public static function compute(
        Mode $mode,
        Rig $rig,
        Camera $camera,
        array $intervalSeconds,
        array $exposureSeconds,
        array $moveSeconds,
    ): self {
        $stops = $mode === Mode::ShootMoveShoot;
        $photos = count($intervalSeconds);
        $triggers = $closes = $writeStarts = $writeEnds = $lates = $rigs = $cameras = $requireds = $slacks = [];
        $trigger = $nominal = 0.0;
        $cardFree = 0.0;
        for ($n = 0; $n < $photos; $n++) {
            $exposure = $exposureSeconds[$n];
            $interval = $intervalSeconds[$n];
            $open = $trigger + $camera->shutterLagSeconds;
            $close = $open + $exposure;
            $shutterFree = $open + $camera->shutterBusySeconds($exposure);
            $writeStart = max($shutterFree, $cardFree);
            $cardFree = $writeStart + $camera->writeSeconds;

            $triggers[] = $trigger;
            $closes[] = $close;
            $writeStarts[] = $writeStart;
            $writeEnds[] = $cardFree;
            $lates[] = $trigger - $nominal;
            if ($n === $photos - 1) {
                $rigs[] = $cameras[] = $requireds[] = $slacks[] = null;
                break;
            }

            // The chain is added up before the trigger is, so that equal photos need equal times to the last bit.
            $rigNeeds = $camera->shutterLagSeconds + $exposure;
            if ($stops) {
                $move = $moveSeconds[$n];
                $rigNeeds = $rigNeeds + $rig->postExposureDelaySeconds + $move + ($move > 0.0 ? $rig->settleSeconds : 0.0);
            }
            $rigDone = $trigger + $rigNeeds;
            $bufferFree = $writeEnds[$n + 1 - $camera->bufferFrames] ?? 0.0;
            $cameraDone = max($shutterFree, $bufferFree);
            $earliest = max($rigDone, $cameraDone);
            $required = $earliest - $trigger;
            $rigs[] = $rigNeeds;
            $cameras[] = $cameraDone - $trigger;
            $requireds[] = $required;
            $slacks[] = $interval - $required;
            $trigger = max($trigger + $interval, $earliest);
            $nominal += $interval;
        }

        return new self($triggers, $closes, $writeStarts, $writeEnds, $lates, $rigs, $cameras, $requireds, $slacks);
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
