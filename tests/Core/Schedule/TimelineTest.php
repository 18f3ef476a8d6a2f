<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Motion\Rig;
use Evrent\Core\Schedule\Moves;
use Evrent\Core\Schedule\Timeline;
use Evrent\Core\Timing\Camera;
use Evrent\Core\Timing\Mode;
use PHPUnit\Framework\TestCase;

/**
 * One interval and one move at a time, worked by hand.
 */
final class TimelineTest extends TestCase
{
    private static function rig(float $backlash = 0.5): Rig
    {
        return new Rig([new Axis('pan', AxisKind::Rotary, -90, 90, 10, 20, 100, $backlash)], 0.25, 0.5);
    }

    public function testTheRigWaitsMovesAndSettlesOnlyWhenThereIsAMove(): void
    {
        $timeline = Timeline::compute(Mode::ShootMoveShoot, self::rig(), new Camera(0.125, 0.0, 1), [4.0, 4.0, 4.0], [1.0, 1.0, 1.0], [2.0, 0.0, 0.0]);
        self::assertSame([0.125 + 1 + 0.25 + 2 + 0.5, 0.125 + 1 + 0.25, null], $timeline->rigSeconds);
        self::assertSame([0.0, 4.0, 8.0], $timeline->triggerSeconds);
        self::assertTrue($timeline->keepsTime());
    }

    public function testAShortIntervalIsStretchedAndTheLatenessAddsUp(): void
    {
        $timeline = Timeline::compute(Mode::ShootMoveShoot, self::rig(), new Camera(), [1.0, 1.0, 1.0], [0.5, 0.5, 0.5], [1.0, 1.0, 0.0]);
        // Each needs 0.5 + 0.25 + 1 + 0.5 = 2.25 s.
        self::assertSame([0.0, 2.25, 4.5], $timeline->triggerSeconds);
        self::assertSame([0.0, 1.25, 2.5], $timeline->lateSeconds);
        self::assertSame([-1.25, -1.25, null], $timeline->slackSeconds);
        self::assertFalse($timeline->keepsTime());
    }

    public function testWritesQueueAndAFullBufferHoldsTheShutter(): void
    {
        $timeline = Timeline::compute(Mode::Continuous, self::rig(), new Camera(0.0, 3.0, 2), [1.0, 1.0, 1.0, 1.0], [0.5, 0.5, 0.5, 0.5], [0.0, 0.0, 0.0, 0.0]);
        // Photo 1 is on the card at 3.5, photo 2 at 6.5. Two places: photo 3 waits for photo 1, photo 4 for photo 2.
        self::assertSame([0.0, 1.0, 3.5, 6.5], $timeline->triggerSeconds);
        self::assertSame([3.5, 6.5, 9.5, 12.5], $timeline->writeEndSeconds);
    }

    public function testNoiseReductionTakesTheExposureAgainBeforeTheShutterIsFree(): void
    {
        $timeline = Timeline::compute(Mode::Continuous, self::rig(), new Camera(0.5, 1.0, 4, true), [2.0, 2.0], [3.0, 3.0], [0.0, 0.0]);
        self::assertSame([0.0, 6.5], $timeline->triggerSeconds);
        self::assertSame(3.5, $timeline->closeSeconds[0]);
        self::assertSame(7.5, $timeline->writeEndSeconds[0]);
    }

    /** From the end of the exposure on, beside the move: a move that is longer costs nothing more. */
    public function testTheCameraIsSetBesideTheMove(): void
    {
        $required = static fn (float $move, float $set, bool $darkens = false): ?float => Timeline::compute(
            Mode::ShootMoveShoot,
            self::rig(),
            new Camera(0.125, 0.0, 1, $darkens),
            [4.0, 4.0],
            [1.0, 1.0],
            [$move, 0.0],
            true,
            [$set, 0.0],
        )->requiredSeconds[0];
        self::assertSame($required(2.0, 0.0), $required(2.0, 2.5));
        self::assertSame(0.125 + 1 + 0.25 + 2.75, $required(2.0, 2.75));
        self::assertSame(0.125 + 1 + 0.25 + 0.5, $required(0.0, 0.5));
        // Noise reduction goes before, and the delay runs meanwhile.
        self::assertSame(0.125 + 2 + 0.5, $required(0.0, 0.5, true));
    }

    public function testBacklashIsTakenUpOnlyWhenAnAxisTurnsRound(): void
    {
        $rig = self::rig();
        $moves = Moves::along($rig->axes, ['pan' => [0.0, 1.0, 2.0, 2.0, 1.0, 0.0]], 6);
        $one = 2 * sqrt(1 / 20);
        $turned = 2 * sqrt(1.5 / 20);
        self::assertEqualsWithDelta([$one, $one, 0.0, $turned, $one, 0.0], $moves->moveSeconds, 1e-12);
        self::assertSame([100, 100, 0, -100, -100, 0], $moves->motorSteps['pan']);
    }

    public function testTheSlowestAxisSetsTheMove(): void
    {
        $fast = new Axis('pan', AxisKind::Rotary, -90, 90, 100, 1000, 100);
        $slow = new Axis('tilt', AxisKind::Rotary, -90, 90, 1, 1, 100);
        $moves = Moves::along([$fast, $slow], ['pan' => [0.0, 10.0], 'tilt' => [0.0, 3.0]], 2);
        self::assertEqualsWithDelta(3 / 1 + 1 / 1, $moves->moveSeconds[0], 1e-12);
        self::assertSame(['pan' => 10.0, 'tilt' => 3.0], $moves->largestStep());
    }
}
