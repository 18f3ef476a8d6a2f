<?php

declare(strict_types=1);

namespace Evrent\Core\Budget;

use Evrent\Core\Messages\Message;
use Evrent\Core\Values\Problems;

/**
 * The battery in a device, with others that take over by themselves.
 */
final readonly class Battery
{
    /**
     * @param float $wattHours of one, new and warm (mAh · V / 1000)
     * @param int   $count     in the device at once, such as two in a grip
     * @param float $charge    at the start, 0…1
     *
     * @throws \Evrent\Core\Values\InvalidInput
     */
    public function __construct(public float $wattHours, public int $count = 1, public float $charge = 1.0)
    {
        $problems = new Problems();
        $problems->unlessPositive($wattHours, 100_000, '/battery_wh', new Message('what.watt_hours'));
        $problems->unlessBetween($count, 1, 20, '/batteries', new Message('what.batteries'));
        $problems->unlessBetween($charge, 0, 1, '/charge', new Message('what.share'));
        $problems->throwIfAny();
    }
}
