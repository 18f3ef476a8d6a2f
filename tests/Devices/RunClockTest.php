<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Devices\Running\RunClock;
use PHPUnit\Framework\TestCase;

/**
 * The clock of a take, whatever becomes of the machine's own.
 */
final class RunClockTest extends TestCase
{
    /** The machine's clock is set on or back by an hour, by hand or to summer time, and another worker goes on with the take. */
    public function testASetClockDoesNotMoveATake(): void
    {
        foreach ([-3_600.0, 0.0, 3_600.0] as $jump) {
            foreach ([1.0, 40.0] as $speed) {
                [$boot, $at] = RunClock::mark();
                // It began 100 s ago by what counts; by the machine's clock an hour sooner or later.
                $clock = RunClock::since(microtime(true) - 100.0 - $jump, $speed, [$boot, $at - 100.0], 90.0 * $speed);
                self::assertEqualsWithDelta(100.0 * $speed, $clock->now(), 0.5 * $speed);
            }
        }
    }

    /** Turned off and on again, the machine's clock is all there is: a log never goes back by it. */
    public function testAfterTheMachineWasOffTheLogDoesNotGoBack(): void
    {
        $clock = RunClock::since(microtime(true) + 3_600.0, 1.0, ['another time', 5.0], 240.0);
        self::assertEqualsWithDelta(240.0, $clock->now(), 0.5);
        self::assertEqualsWithDelta(500.0, RunClock::since(microtime(true) - 500.0, 1.0, ['another time', 5.0], 240.0)->now(), 0.5);
    }
}
