<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Rig;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Simulators\Rig\SimulatedRig;

/**
 * A simulated rig that is driven in virtual time over a line that takes its time, and looked at a hundred times a second.
 */
trait DrivesInVirtualTime
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
