<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\JogStream;
use Evrent\Core\Motion\Rig;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Runner\Cases;

/**
 * Driving the simulated rig by hand, in virtual time: hands that let go, links that are lost and hosts that die.
 */
final class JogOnTheRigTest extends TestCase
{
    private const TICK = 0.05;
    private const SAMPLE = 0.01;
    private const WINDOW = 10;

    /** A word may take so long to the rig. */
    private const LATENCY = 0.02;

    private SimulatedRig $rig;

    /** @var array<string, Axis> */
    private array $axes;

    /** @var array<string, string> */
    private array $letters;
    private float $now = 0.0;
    private float $arrives = 0.0;

    /** @var array<int, array{float, string}> what is on the wire: when it arrives */
    private array $wire = [];

    /** @var list<array{at: float, positions: array<string, float>}> */
    private array $samples = [];

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

    /**
     * @param callable(float, float): float $float
     */
    private function begin(callable $float): void
    {
        $this->axes = [
            'slide' => new Axis('slide', AxisKind::Linear, 0.0, $float(60.0, 1_200.0), $float(5.0, 60.0), $float(20.0, 200.0), 160.0),
            'pan' => new Axis('pan', AxisKind::Rotary, -180.0, 180.0, $float(2.0, 30.0), $float(10.0, 90.0), 355.5),
        ];
        $plan = new Rig(array_values($this->axes));
        $this->letters = Letters::of($plan, []);
        $this->rig = new SimulatedRig($plan);
        $this->rig->receive("G28\n", 0.0);
        $this->rig->goOnTo(600.0);
        $this->now = 600.0;
        $this->wire = $this->samples = [];
        $this->arrives = 0.0;
    }

    /**
     * @param ?array{positions: array<string, float>, feed: float} $word
     */
    private function say(?array $word, float $latency): void
    {
        if ($word !== null) {
            $places = array_map(fn (string $id, float $to): string => sprintf('%s%.4F', $this->letters[$id], $to), array_keys($word['positions']), $word['positions']);
            // A word never overtakes the one before it.
            $this->arrives = max($this->arrives, $this->now + $latency);
            $this->wire[] = [$this->arrives, sprintf("G90 G94 G1 %s F%.3F\n", implode(' ', $places), $word['feed'])];
        }
    }

    private function passTo(float $until): void
    {
        while ($this->now < $until) {
            $this->now = min($until, 600.0 + self::SAMPLE * (count($this->samples) + 1));
            foreach ($this->wire as $k => [$at, $line]) {
                if ($at <= $this->now) {
                    $this->rig->receive($line, $this->now);
                    unset($this->wire[$k]);
                }
            }
            $this->rig->goOnTo($this->now);
            $said = $this->rig->takeSaid();
            self::assertStringNotContainsString('error', $said);
            if ($this->now >= 600.0 + self::SAMPLE * (count($this->samples) + 1)) {
                $this->samples[] = ['at' => $this->now, 'positions' => $this->rig->positions()];
            }
        }
    }

    private function assertWithinTravelAndReach(int $seed): void
    {
        foreach ($this->axes as $id => $axis) {
            // What whole motor steps and sampling make of an even acceleration, over a tenth of a second.
            $blur = 4.0 / $axis->stepsPerUnit / (self::SAMPLE * self::WINDOW) ** 2 + 0.02 * $axis->maxAcceleration;
            $worst = 0.0;
            foreach ($this->samples as $k => $sample) {
                self::assertTrue($axis->holds($sample['positions'][$id]), "seed {$seed}: {$id} at {$sample['positions'][$id]}");
                if ($k >= 2 * self::WINDOW) {
                    $worst = max($worst, abs($this->speed($id, $k) - $this->speed($id, $k - self::WINDOW)) / (self::SAMPLE * self::WINDOW));
                }
            }
            self::assertLessThanOrEqual($axis->maxAcceleration + $blur, $worst, "seed {$seed}: {$id}");
        }
    }

    private function assertStandsInTime(float $said, int $seed): void
    {
        $stood = 0.0;
        foreach ($this->samples as $k => $sample) {
            if ($k > 0 && $sample['positions'] !== $this->samples[$k - 1]['positions']) {
                $stood = $sample['at'];
            }
        }
        $brakes = max([0.0, ...array_values(array_map(static fn (Axis $axis): float => $axis->maxSpeed / $axis->maxAcceleration, $this->axes))]);
        self::assertLessThanOrEqual($said + 0.15 + self::LATENCY + $brakes + self::SAMPLE, $stood, "seed {$seed}");
    }

    private function speed(string $id, int $k): float
    {
        if ($k < self::WINDOW) {
            return 0.0;
        }
        [$from, $to] = [$this->samples[$k - self::WINDOW], $this->samples[$k]];

        return ($to['positions'][$id] - $from['positions'][$id]) / ($to['at'] - $from['at']);
    }
}
