<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\CameraDriver;
use Evrent\Core\Run\Exposed;
use Evrent\Core\Run\FaultKind;
use Evrent\Core\Schedule\EverydayNoise;
use Evrent\Core\Timing\Camera;
use Evrent\Devices\Faults;

/**
 * A camera in virtual time: a shutter, a buffer, and a card that takes one photo at a time. Its lag and its card vary
 * a little, as real ones do. It can be made to miss a trigger, and its card to be slow.
 */
final class VirtualCamera implements CameraDriver
{
    private float $shutterFreeSeconds = 0.0;

    /** @var list<float> when the card will have each photo that is still in the buffer, the oldest first */
    private array $writeEnds = [];

    private int $triggered = 0;

    public function __construct(private readonly Camera $camera, private readonly Jitter $jitter, private readonly Faults $faults)
    {
    }

    public function readyAtSeconds(): float
    {
        // A full buffer frees a place when its oldest photo is on the card.
        $waiting = count($this->writeEnds);

        return $waiting < $this->camera->bufferFrames
            ? $this->shutterFreeSeconds
            : max($this->shutterFreeSeconds, $this->writeEnds[$waiting - $this->camera->bufferFrames]);
    }

    public function trigger(float $atSeconds, float $exposureSeconds): ?Exposed
    {
        $this->triggered++;
        if ($this->faults->at(FaultKind::MissedTrigger, $this->triggered) !== []) {
            return null;
        }
        $this->writeEnds = array_values(array_filter($this->writeEnds, static fn (float $end): bool => $end > $atSeconds));
        $open = $atSeconds + $this->jitter->longer($this->camera->shutterLagSeconds, EverydayNoise::LAG_SHARE);
        $this->shutterFreeSeconds = $open + $this->camera->shutterBusySeconds($exposureSeconds);
        $cardFree = $this->writeEnds === [] ? 0.0 : $this->writeEnds[count($this->writeEnds) - 1];
        $write = $this->jitter->longer($this->camera->writeSeconds, EverydayNoise::WRITE_SHARE);
        foreach ($this->faults->at(FaultKind::SlowCard, $this->triggered) as $fault) {
            $write *= $fault->factor;
        }
        $writeEnd = max($this->shutterFreeSeconds, $cardFree) + $write;
        $this->writeEnds[] = $writeEnd;

        return new Exposed($open, $open + $exposureSeconds, $writeEnd);
    }
}
