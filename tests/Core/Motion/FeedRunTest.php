<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Motion\FeedRun;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FeedRunTest extends TestCase
{
    public function testItSpeedsUpGoesOnAndBrakes(): void
    {
        // 40 mm at 20 mm/s and 10 mm/s²: 2 s and 20 mm up, 2 s and 20 mm down, nothing between.
        $run = new FeedRun(40.0, 20.0, 10.0);
        self::assertEqualsWithDelta(4.0, $run->seconds(), 1e-9);
        self::assertEqualsWithDelta(5.0, $run->covered(1.0), 1e-9);
        self::assertEqualsWithDelta(20.0, $run->speed(2.0), 1e-9);
        self::assertEqualsWithDelta(35.0, $run->covered(3.0), 1e-9);
        self::assertSame([40.0, 0.0], [$run->covered(9.0), $run->speed(9.0)]);
    }

    public function testMadeLongerWhileItBrakesItGoesOnFromItsSpeed(): void
    {
        $run = new FeedRun(40.0, 20.0, 10.0);
        // At 3 s it has braked to 10 mm/s, with 5 mm left; 30 mm more: up to √(10·35 + 50) = 20, in 1 s, and down in 2.
        $run->extend(3.0, 30.0, 20.0);
        self::assertEqualsWithDelta(10.0, $run->speed(3.0), 1e-9);
        self::assertEqualsWithDelta(6.0, $run->seconds(), 1e-9);
        self::assertEqualsWithDelta(70.0, $run->covered(6.0), 1e-9);
    }

    public function testHoweverItIsMadeLongerItNeverJumpsAndStandsAtItsEnd(): void
    {
        for ($seed = 1; $seed <= 200; $seed++) {
            $random = new Randomizer(new Mt19937($seed));
            $float = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
            $acceleration = $float(1.0, 100.0);
            $run = new FeedRun($float(0.1, 30.0), $float(0.5, 50.0), $acceleration);
            $at = 0.0;
            for ($k = 0; $k < 8; $k++) {
                $until = $at + $float(0.0, 0.6);
                self::assertSmooth($run, $at, $until, $acceleration, "seed {$seed}");
                $before = [$run->covered($until), $run->speed($until)];
                $run->extend($until, $float(0.0, 10.0), $float(0.5, 50.0));
                self::assertEqualsWithDelta($before, [$run->covered($until), $run->speed($until)], 1e-9, "seed {$seed}");
                $at = $until;
            }
            self::assertSmooth($run, $at, $run->seconds() + 0.2, $acceleration, "seed {$seed}");
            self::assertEqualsWithDelta($run->length(), $run->covered($run->seconds()), 1e-6, "seed {$seed}");
        }
    }

    private static function assertSmooth(FeedRun $run, float $from, float $until, float $acceleration, string $seed): void
    {
        $step = 0.005;
        [$jump, $off, $back] = [0.0, 0.0, 0.0];
        for ($at = $from; $at + $step <= $until; $at += $step) {
            $moved = $run->covered($at + $step) - $run->covered($at);
            $jump = max($jump, abs($run->speed($at + $step) - $run->speed($at)));
            $off = max($off, abs(($run->speed($at) + $run->speed($at + $step)) / 2.0 * $step - $moved));
            $back = max($back, -$moved);
        }
        self::assertLessThanOrEqual($acceleration * $step + 1e-6, $jump, $seed);
        self::assertLessThanOrEqual($acceleration * $step ** 2 + 1e-6, $off, $seed);
        self::assertLessThanOrEqual(1e-9, $back, $seed);
    }
}
