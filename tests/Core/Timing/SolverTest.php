<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Evrent\Core\Timing\Solver;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class SolverTest extends TestCase
{
    public function testAFieldGuideExample(): void
    {
        // Twenty seconds at 24 fps in an hour and a half: 480 photos, 5400/480 = 11.25 s, so 11.2 s.
        $solution = Solver::solve(24, clipSeconds: 20, shootingSeconds: 5400);
        self::assertSame([480, 11.2, 5376.0, 'interval'], [$solution->photos, $solution->intervalSeconds, $solution->shootingSeconds, $solution->solved]);
        // Ten seconds at 25 fps, one every 8 s.
        self::assertSame(2000.0, Solver::solve(25, clipSeconds: 10, intervalSeconds: 8)->shootingSeconds);
        // An hour, one every 7 s: 514 whole intervals.
        self::assertSame(514, Solver::solve(24, intervalSeconds: 7, shootingSeconds: 3600)->photos);
    }

    public function testRoundingNoiseNeitherAddsAPhotoNorCostsASetting(): void
    {
        self::assertSame(3, Solver::solve(30, clipSeconds: 0.1, intervalSeconds: 1)->photos);
        self::assertSame(0.3, Solver::solve(24, photos: 10, shootingSeconds: 3)->intervalSeconds);
        self::assertSame(10, Solver::solve(24, intervalSeconds: 0.3, shootingSeconds: 3)->photos);
        self::assertSame(49, Solver::solve(23.976, clipSeconds: 2.01, intervalSeconds: 1)->photos);
    }

    public function testWhenNothingElseIsPossibleItSaysByHowMuch(): void
    {
        $solution = Solver::solve(24, photos: 480, shootingSeconds: 10);
        self::assertSame(0.1, $solution->intervalSeconds);
        self::assertEqualsWithDelta(38.0, $solution->overrunSeconds, 1e-9);
        self::assertEqualsWithDelta(4.0, Solver::solve(24, intervalSeconds: 7, shootingSeconds: 3)->overrunSeconds, 1e-9);
    }

    public function testNeverOverrunsNeverFallsShortAndIsTheBestThatFits(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($i = 0; $i < 3000; $i++) {
            $fps = [23.976, 24, 25, 29.97, 30, 60][$random->getInt(0, 5)];
            $clip = $random->getInt(1, 60_000) / 1000;
            $shooting = (float) $random->getInt(100, 90_000);
            $resolution = [0.1, 0.5, 1.0][$random->getInt(0, 2)];
            $solution = Solver::solve($fps, clipSeconds: $clip, shootingSeconds: $shooting, resolutionSeconds: $resolution);
            self::assertGreaterThanOrEqual($clip - 1e-6, $solution->clipSeconds);
            self::assertLessThan($clip + 1.001 / $fps, $solution->clipSeconds);
            self::assertEqualsWithDelta(0.0, fmod($solution->intervalSeconds / $resolution + 0.5, 1.0) - 0.5, 1e-6);
            if ($solution->overrunSeconds > 0.0) {
                self::assertEqualsWithDelta($resolution, $solution->intervalSeconds, 1e-12);
                continue;
            }
            self::assertLessThanOrEqual($shooting + 1e-6, $solution->shootingSeconds);
            // One setting more would overrun.
            self::assertGreaterThan($shooting - 1e-6, $solution->photos * ($solution->intervalSeconds + $resolution));
            // What it says, put in the other way, gives the same.
            $again = Solver::solve($fps, intervalSeconds: $solution->intervalSeconds, shootingSeconds: $solution->shootingSeconds);
            self::assertSame($solution->photos, $again->photos);
        }
    }

    public function testGivenTooMuchTooLittleOrNonsenseItSaysSo(): void
    {
        foreach (
            [
                [static fn () => Solver::solve(24, clipSeconds: 20), '/shooting', 'timing.solver.two'],
                [static fn () => Solver::solve(24, clipSeconds: 20, intervalSeconds: 3, shootingSeconds: 900), '/interval', 'timing.solver.two'],
                [static fn () => Solver::solve(24, clipSeconds: 20, photos: 3, intervalSeconds: 3), '/photos', 'timing.solver.clip_or_photos'],
                [static fn () => Solver::solve(0, clipSeconds: 20, intervalSeconds: 3), '/fps', 'values.above_zero(what: what.fps, most: 1000)'],
                [static fn () => Solver::solve(24, clipSeconds: -1, intervalSeconds: 3), '/clip', 'values.above_zero(what: what.seconds'],
                [static fn () => Solver::solve(24, clipSeconds: NAN, intervalSeconds: 3), '/clip', 'values.above_zero(what: what.seconds'],
                [static fn () => Solver::solve(24, clipSeconds: 1e8, intervalSeconds: 3), '/clip', 'timing.solver.too_many('],
                [static fn () => Solver::solve(24, intervalSeconds: 1e-5, shootingSeconds: 1e9), '/shooting', 'timing.solver.too_many('],
                [static fn () => Solver::solve(24, intervalSeconds: 1e-300, shootingSeconds: 60), '/interval', 'values.between(what: what.seconds, least: 1.0e-6, most: 1000000000)'],
            ] as [$solve, $field, $says]
        ) {
            try {
                $solve();
                self::fail("accepted: {$says}");
            } catch (InvalidInput $invalid) {
                self::assertStringContainsString($says, (string) (array_column($invalid->problems, 'message', 'pointer')[$field] ?? ''), $field);
            }
        }
    }
}
