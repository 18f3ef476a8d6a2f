<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\JogStream;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Runner\Cases;

/**
 * Driving the simulated rig by hand, in virtual time: hands that let go, links that are lost and hosts that die.
 */
final class JogOnTheRigTest extends TestCase
{
    use DrivesInVirtualTime;

    public function testWhoeverFallsSilentTheRigStandsInTimeAndWithinItsTravel(): void
    {
        foreach (Cases::numbers(200) as $seed) {
            $random = new Randomizer(new Mt19937($seed));
            $float = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
            $this->begin($float);
            $stream = new JogStream($this->axes, $this->rig->positions());
            $said = 0.0;
            for ($hand = 0; $hand < 3; $hand++) {
                $steer = [];
                foreach (array_keys($this->axes) as $id) {
                    $steer += $random->getInt(0, 1) === 0 ? [] : [$id => $float(-1.0, 1.0)];
                }
                // The hand, its window or the host is there for so long, and then says nothing more.
                $until = $this->now + $float(0.01, 3.0);
                while ($this->now < $until) {
                    $this->say($stream->next($steer, $this->now), $float(0.0, self::LATENCY));
                    $said = $steer === [] ? $said : $this->now;
                    $this->passTo($this->now + $float(0.6, 1.0) * self::TICK);
                }
                if ($hand < 2 && $random->getInt(0, 1) === 0) {
                    continue; // The next takes over at once, perhaps the other way round.
                }
                $this->passTo($stream->restsAt() + 0.3);
            }
            $this->passTo($this->now + 3.0);
            $this->assertWithinTravelAndReach($seed);
            $this->assertStandsInTime($said, $seed);
        }
    }

    public function testATapMovesByLittleAndAHeldKeyReachesFullSpeed(): void
    {
        $this->begin(static fn (float $from, float $to): float => ($from + $to) / 2.0);
        $slide = $this->axes['slide'];
        $stream = new JogStream($this->axes, $this->rig->positions());
        $this->say($stream->next(['slide' => 1.0], $this->now), 0.0);
        $this->passTo($this->now + 2.0);
        // A tenth of a second of gathering speed, and as long to brake: a · 0.1².
        self::assertEqualsWithDelta($slide->maxAcceleration * 0.01, $this->rig->positions()['slide'], 0.02);
        $from = $this->now;
        while ($this->now < $from + 2.0) {
            $this->say($stream->next(['slide' => 1.0], $this->now), 0.0);
            $this->passTo($this->now + self::TICK);
        }
        $speeds = array_map(fn (int $k): float => $this->speed('slide', $k), array_keys(array_slice($this->samples, 5)));
        self::assertEqualsWithDelta($slide->maxSpeed, max([0.0, ...$speeds]), 0.05 * $slide->maxSpeed);
    }

    public function testItTurnsRoundOnlyFromRest(): void
    {
        $this->begin(static fn (float $from, float $to): float => ($from + $to) / 2.0);
        $stream = new JogStream($this->axes, $this->rig->positions());
        foreach ([1.0, -1.0] as $way) {
            for ($k = 0; $k < 30; $k++) {
                $this->say($stream->next(['slide' => $way], $this->now), 0.0);
                $this->passTo($this->now + self::TICK);
            }
        }
        $this->passTo($this->now + 3.0);
        $this->assertWithinTravelAndReach(0);
    }

    public function testAtItsEndItTakesNoMoreAndNothingIsSentForNothing(): void
    {
        $axis = new Axis('slide', AxisKind::Linear, 0.0, 100.0, 40.0, 90.0, 80.0);
        $stream = new JogStream(['slide' => $axis], ['slide' => 100.0]);
        self::assertNull($stream->next(['slide' => 1.0], 0.0), 'it stands at its end');
        self::assertNull($stream->next(['slide' => 0.0], 0.0));
        self::assertNull($stream->next(['bow' => 1.0], 0.0), 'it has no such axis');
        self::assertLessThan(100.0, $stream->next(['slide' => -0.2], 0.0)['positions']['slide'] ?? 100.0);
    }
}
