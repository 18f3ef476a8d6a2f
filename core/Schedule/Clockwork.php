<?php

declare(strict_types=1);

namespace Evrent\Core\Schedule;

use Evrent\Core\Motion\Rig;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\Mode;

/**
 * Goes from photo to photo as controller, rig and camera do, and keeps only what the next photo hangs on.
 *
 * Two chains run side by side after a trigger. The rig: shutter lag, exposure, delay after the exposure, move,
 * settling (moving continuously, it only waits for the shutter). The camera: shutter lag, exposure (twice with
 * long-exposure noise reduction), setting what is another for the next photo, and a free place in its buffer, which the card empties one
 * photo at a time.
 * The next trigger comes at the interval's end or when both chains are done, whichever is later: a controller
 * that triggers the camera stretches an interval that is too short, and says nothing. One that does not trigger it
 * does not wait for it. In stop motion there is no interval: the next photo can be taken when both are done.
 *
 * Times are seconds from the first trigger; what is needed is counted from the photo's own trigger.
 */
final class Clockwork
{
    public float $trigger = 0.0;
    public float $close = 0.0;
    public float $writeStart = 0.0;
    public float $writeEnd = 0.0;
    public float $rigNeeds = 0.0;
    public float $cameraNeeds = 0.0;
    public float $required = 0.0;
    public float $slack = 0.0;

    private readonly bool $stops;
    private readonly bool $hasClock;
    private float $nominal = 0.0;
    private float $exposure = 0.0;
    private float $shutterFree = 0.0;
    private int $taken = 0;

    /** @var array<int, float> ends of writing of the photos that may still hold a buffer place, by photo from 0 */
    private array $writeEnds = [];

    /**
     * @param bool $waitsForCamera false when the camera is on its own timer
     */
    public function __construct(Mode $mode, private readonly Rig $rig, private readonly Camera $camera, private readonly bool $waitsForCamera = true)
    {
        $this->stops = $mode->stops();
        $this->hasClock = $mode->hasClock();
    }

    /** How much later than its nominal time the photo is triggered. */
    public function late(): float
    {
        return $this->trigger - $this->nominal;
    }

    /** Takes the photo, and queues it for the card. */
    public function expose(float $exposureSeconds): void
    {
        $this->exposure = $exposureSeconds;
        $open = $this->trigger + $this->camera->shutterLagSeconds;
        $this->close = $open + $exposureSeconds;
        $this->shutterFree = $open + $this->camera->shutterBusySeconds($exposureSeconds);
        $this->writeStart = max($this->shutterFree, $this->writeEnd);
        $this->writeEnd = $this->writeStart + $this->camera->writeSeconds;
        $this->writeEnds[$this->taken] = $this->writeEnd;
        $this->taken++;
    }

    /**
     * Moves, waits for whoever is not ready, and stands at the next trigger.
     *
     * @param float $intervalSeconds start to start; not looked at in stop motion
     * @param float $moveSeconds     the move after the photo; 0 when there is none
     * @param float $setSeconds      setting the camera after it, beside the move; 0 when nothing is set
     */
    public function goOn(float $intervalSeconds, float $moveSeconds, float $setSeconds = 0.0): void
    {
        // The chain is added up before the trigger is, so that equal photos need equal times to the last bit.
        $this->rigNeeds = $this->camera->shutterLagSeconds + $this->exposure;
        if ($this->stops) {
            $this->rigNeeds += $this->rig->postExposureDelaySeconds + $moveSeconds + ($moveSeconds > 0.0 ? $this->rig->settleSeconds : 0.0);
        }
        $frees = $this->taken - $this->camera->bufferFrames;
        $cameraDone = max($this->shutterFree, $this->writeEnds[$frees] ?? 0.0);
        unset($this->writeEnds[$frees]);
        if ($setSeconds > 0.0) {
            $delay = $this->stops ? $this->rig->postExposureDelaySeconds : 0.0;
            $cameraDone = max($cameraDone, max($this->shutterFree, $this->close + $delay) + $setSeconds);
        }
        $rigDone = $this->trigger + $this->rigNeeds;
        $earliest = $this->waitsForCamera ? max($rigDone, $cameraDone) : $rigDone;
        $this->cameraNeeds = $cameraDone - $this->trigger;
        $this->required = $earliest - $this->trigger;
        $intervalSeconds = $this->hasClock ? $intervalSeconds : $this->required;
        $this->slack = $intervalSeconds - $this->required;
        $this->trigger = max($this->trigger + $intervalSeconds, $earliest);
        $this->nominal += $intervalSeconds;
    }
}
