<?php

declare(strict_types=1);

namespace Tests\Feature;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Fault;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Faults;
use Evrent\Devices\Simulators\Camera\Card;
use Evrent\Devices\Simulators\Camera\SimulatedCamera;

/**
 * A whole run on the simulated camera, in virtual time: nothing is late by chance.
 */
trait ShootsInVirtualTime
{
    /**
     * @param list<Fault> $faults
     */
    private static function shootTo(string $folder, Plan $plan, array $faults = []): void
    {
        $begins = 60.0;
        $camera = new SimulatedCamera(new Card($folder), $plan, new Faults($faults), 640, ($plan->firstTrigger()->unixSeconds ?? 0.0) - $begins);
        $camera->goOnTo($begins);
        foreach (Schedule::of($plan)->timeline->triggerSeconds as $trigger) {
            $camera->press($begins + $trigger);
            $camera->release($begins + $trigger + 0.1);
            $camera->goOnTo($begins + $trigger + 4.0);
        }
        $camera->goOnTo($begins + 1_000.0);
    }
}
