<?php

declare(strict_types=1);

namespace Evrent\Devices\Virtual;

use Evrent\Core\Run\CameraDriver;
use Evrent\Core\Run\Exposed;
use Evrent\Core\Timing\Camera;

/**
 * A camera in virtual time: a shutter, a buffer, and a card that takes one photo at a time. Its lag and its card vary
 * a little, as real ones do.
 */
final class VirtualCamera implements CameraDriver
{
    private const LAG_SPREAD = 0.10;
    private const WRITE_SPREAD = 0.05;

    private float $shutterFreeSeconds = 0.0;

    /** @var list<float> when the card will have each photo that is still in the buffer, the oldest first */
    private array $writeEnds = [];

    public function __construct(private readonly Camera $camera, private readonly Jitter $jitter)
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

    public function trigger(float $atSeconds, float $exposureSeconds): Exposed
    {
        $this->writeEnds = array_values(array_filter($this->writeEnds, static fn (float $end): bool => $end > $atSeconds));
        $open = $atSeconds + $this->jitter->longer($this->camera->shutterLagSeconds, self::LAG_SPREAD);
        $this->shutterFreeSeconds = $open + $this->camera->shutterBusySeconds($exposureSeconds);
        $cardFree = $this->writeEnds === [] ? 0.0 : $this->writeEnds[count($this->writeEnds) - 1];
        $writeEnd = max($this->shutterFreeSeconds, $cardFree) + $this->jitter->longer($this->camera->writeSeconds, self::WRITE_SPREAD);
        $this->writeEnds[] = $writeEnd;

        return new Exposed($open, $open + $exposureSeconds, $writeEnd);
    }
}
