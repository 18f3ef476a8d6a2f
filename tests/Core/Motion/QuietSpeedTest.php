<?php

declare(strict_types=1);

namespace Tests\Core\Motion;

use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Motion\JogStream;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Protocol\Gcode\ShotProgram;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Where sound is recorded beside the rig, no axis goes faster than its motor may be heard.
 */
final class QuietSpeedTest extends TestCase
{
    public function testAMoveTakesAsLongAsTheQuietSpeedMakesIt(): void
    {
        [$loud, $quiet] = [self::plan(5.0, false), self::plan(5.0, true)];
        $slide = $quiet->rig->axes[0];

        self::assertSame([5.0, $loud->rig->axes[0]->maxSpeed], [$slide->fastest(), $slide->maxSpeed]);
        // d / v + v / a
        self::assertEqualsWithDelta(100.0 / 5.0 + 5.0 / $slide->maxAcceleration, $slide->moveSeconds(100.0), 1e-12);
        self::assertSame(Schedule::of(self::plan(null, false))->moves->moveSeconds, Schedule::of($loud)->moves->moveSeconds, 'not recorded, it is as ever');
        self::assertGreaterThan(max([0.0, ...Schedule::of($loud)->moves->moveSeconds]), max([0.0, ...Schedule::of($quiet)->moves->moveSeconds]));
        self::assertSame(Schedule::of($loud)->moves->moveSeconds, Schedule::of(self::plan(null, true))->moves->moveSeconds, 'nobody said how fast is quiet');
    }

    public function testByHandItIsQuietToo(): void
    {
        $axes = [];
        foreach (self::plan(5.0, true)->rig->axes as $axis) {
            $axes[$axis->id] = $axis;
        }
        $stream = new JogStream($axes, ['slide' => 100.0, 'pan' => 0.0, 'tilt' => 0.0]);
        $fastest = 0.0;
        for ($now = 0.0; $now < 3.0; $now += 0.05) {
            $fastest = max($fastest, ($stream->next(['slide' => 1.0], $now)['feed'] ?? 0.0) / 60.0);
        }

        self::assertEqualsWithDelta(5.0, $fastest, 1e-6);
    }

    public function testAProgramFeedsWhatIsToBeQuiet(): void
    {
        $program = ShotProgram::of(Schedule::of(self::plan(5.0, true)));

        self::assertStringContainsString('G93 G1 X', $program);
        self::assertSame(1, preg_match_all('/^G0 /m', $program), 'but for the way to its first place');
        self::assertStringNotContainsString('G93', ShotProgram::of(Schedule::of(self::plan(5.0, false))));
    }

    public function testAnotherRigStaysQuietAndThePlanSaysSo(): void
    {
        $plan = self::plan(5.0, true);

        self::assertSame(5.0, $plan->rig->withAxes($plan->rig->axes)->axes[0]->fastest());
        self::assertStringContainsString('"quiet": true', PlanWriter::toJson($plan));
        self::assertStringNotContainsString('"quiet"', PlanWriter::toJson(self::plan(null, false)));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('motion.axis.quiet_order');
        Plans::with(['/rig/axes/0/min_speed' => 2, '/rig/axes/0/quiet_speed' => 1]);
    }

    public function testTheKitKnowsHowFastIsQuiet(): void
    {
        $slide = ['slide_min' => 0.0, 'slide_max' => 900.0, 'slide_max_speed' => 40.0, 'slide_max_acceleration' => 90.0, 'slide_steps_per_unit' => 80.0];
        $rig = new KitItem(KitKind::Rig, 'Quiet slider', $slide + ['slide_quiet_speed' => 6.0]);

        self::assertSame(6.0, $rig->axes()[0]->quietSpeed);
        self::assertNull((new KitItem(KitKind::Rig, 'Slider', $slide))->axes()[0]->quietSpeed);
    }

    private static function plan(?float $quietSpeed, bool $isRecorded): Plan
    {
        $axis = $quietSpeed === null ? [] : ['/rig/axes/0/quiet_speed' => $quietSpeed];

        return Plans::with(['/timing/photos' => 20, '/rig/quiet' => $isRecorded, ...$axis]);
    }
}
