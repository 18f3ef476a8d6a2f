<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * A power bank that carries the load before a device's own battery does.
 */
final readonly class PowerBank
{
    /**
     * @param float $wattHours  as printed on it
     * @param float $efficiency what of that comes out of its socket, 0…1
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public float $wattHours, public Feeds $feeds = Feeds::Camera, public float $efficiency = 0.85, public float $charge = 1.0)
    {
        $problems = new Problems();
        $problems->unlessPositive($wattHours, 100_000, '/capacity_wh', new Message('what.watt_hours'));
        $problems->unlessBetween($efficiency, 0.05, 1, '/efficiency', new Message('what.share'));
        $problems->unlessBetween($charge, 0, 1, '/charge', new Message('what.share'));
        $problems->throwIfAny();
    }
}
