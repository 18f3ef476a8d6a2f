<?php

declare(strict_types=1);

namespace Evrent\Devices\Daemon;

use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Quantity;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Links\RigStatus;
use Evrent\Devices\Running\HandOnRig;

/**
 * Where a rig in hand stands. A switch that was run into, and an axis that did not follow its motor, stop all.
 */
final class RigWatch
{
    /** By how much an encoder may lie off what the motor counted, besides play: mm or degrees. A stalled motor is off by more within a moment. */
    private const OFF = 0.5;

    public ?RigStatus $stands = null;
    public float $lookedAt = -INF;

    public function __construct(private readonly RigLink $rig, private readonly HandOnRig $hand)
    {
    }

    /**
     * @param bool $isDriven whether it goes where it was sent
     *
     * @throws DeviceRefused when something is in its way
     * @throws \Evrent\Devices\Links\DeviceGone
     */
    public function look(bool $isDriven): void
    {
        $this->lookedAt = microtime(true);
        $this->stands = $this->rig->status();
        if (!$isDriven) {
            return;
        }
        if (!$this->stands->knowsItsPlace()) {
            throw new DeviceRefused(new Message('devices.rig.switch'));
        }
        foreach ($this->stands->steps as $id => $steps) {
            $axis = $this->hand->axes()[$id] ?? null;
            $off = $axis === null ? 0.0 : abs($steps / $axis->stepsPerUnit - ($this->stands->positions[$id] ?? $steps / $axis->stepsPerUnit));
            if ($axis !== null && $off > $axis->backlash + self::OFF) {
                $this->rig->hold();
                throw new DeviceRefused(new Message('devices.rig.not_following', [
                    'id' => $axis->label(),
                    'off' => Quantity::withUnit($off, $axis->kind->unit()),
                ]));
            }
        }
    }
}
