<?php

declare(strict_types=1);

namespace Tests\Core\Clip;

use Evrent\Core\Clip\Levels;
use Evrent\Core\Light\Flicker;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Photos brought level: what flickers goes, what changes slowly stays.
 */
final class LevelsTest extends TestCase
{
    #[TestWith([0.1, 0.0])]
    #[TestWith([0.3, -0.02])]
    #[TestWith([0.6, 0.01])]
    public function testFlickerGoesAndTheTrendStays(float $amount, float $slope): void
    {
        $chance = new Randomizer(new Mt19937(7));
        $trend = $before = $after = [];
        foreach (range(1, 300) as $number) {
            $trend[$number] = $slope * $number + 0.5 * sin($number / 40.0);
            $before[$number] = $trend[$number] + $amount * $chance->getInt(-1_000, 1_000) / 1_000.0;
        }
        foreach (Levels::offsets($before) as $number => $stops) {
            $after[$number] = $before[$number] + $stops;
            self::assertEqualsWithDelta($trend[$number], $after[$number], 0.9 * $amount);
        }
        [$flickered, $flickers] = [Flicker::of($before)->stops ?? NAN, Flicker::of($after)->stops ?? NAN];
        self::assertGreaterThan(0.05, $flickered);
        self::assertLessThan($flickered / 5.0, $flickers);
    }

    public function testWhatDoesNotFlickerIsLeftAlone(): void
    {
        $steady = array_combine(range(1, 100), array_map(static fn (int $n): float => 0.03 * $n + 0.004 * ($n % 3), range(1, 100)));
        self::assertSame([], Levels::offsets($steady));
        self::assertSame([], Levels::offsets($steady, array_fill(1, 100, -3.0)));
        self::assertSame([], Levels::offsets([1 => 0.0, 2 => 1.0]));
        self::assertSame([], Levels::offsets([]));
    }

    /** Light that falls by a stop in 36 photos, followed by a click of a third every 12: the photos are saw-toothed, and come level. */
    public function testTheStepsOfARampBecomeAnEvenWay(): void
    {
        $exposures = $brightness = [];
        foreach (range(1, 300) as $number) {
            $exposures[$number] = intdiv($number, 12) / 3.0;
            $brightness[$number] = $exposures[$number] - $number / 36.0;
        }
        $level = [];
        foreach (Levels::offsets($brightness, $exposures) as $number => $stops) {
            self::assertLessThan(0.2, abs($stops));
            $level[$number] = $brightness[$number] + $stops;
        }
        self::assertCount(300, $level);
        self::assertLessThan(0.01, max([-INF, ...$level]) - min([INF, ...$level]));
        // One step alone: between the middles of what is before it and after it.
        $one = Levels::offsets([1 => 0.0, 2 => 0.0, 3 => 1.0, 4 => 1.0], [1 => 0.0, 2 => 0.0, 3 => 1.0, 4 => 1.0]);
        self::assertEqualsWithDelta([1 => -0.25, 2 => 0.25, 3 => -0.25, 4 => 0.25], $one, 1e-9);
    }
}
