<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Protocol\Gcode\Letters;
use Evrent\Devices\Protocol\Gcode\PassProgram;
use Evrent\Devices\Protocol\Gcode\ShotProgram;
use Evrent\Devices\Simulators\Rig\SimulatedRig;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The program of a shot, run on the simulated rig: it stands where the plan stands to the step, and triggers when the plan triggers.
 */
final class ShotProgramTest extends TestCase
{
    private const CLOSE_SECONDS = 0.05;

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        yield 'two keyframes' => [Plans::example('1-two-keyframes')];
        yield 'three, flowing' => [Plans::example('2-three-keyframes-flow')];
        yield 'a thousand photos' => [Plans::with(['/timing/photos' => 1_000])];
        yield 'the line times the exposure' => [Plans::with(['/camera/exposure_timed_by' => 'controller'])];
    }

    #[DataProvider('plans')]
    public function testTheRigDoesWhatThePlanSays(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $rig = new SimulatedRig($plan->rig);
        $rig->greet();
        $lines = explode("\n", rtrim(ShotProgram::of($schedule)));
        $at = 0.0;
        $triggers = $places = [];
        foreach ($lines as $line) {
            self::assertLessThanOrEqual(80, strlen($line));
            $rig->receive("{$line}\n", $at);
            while (!str_contains($said = $rig->takeSaid(), 'ok')) {
                self::assertStringNotContainsString('error', $said, $line);
                $at = $rig->nextAt() ?? self::fail("{$line} is never answered");
                $rig->goOnTo($at);
            }
            foreach ($rig->takeTriggerSaid() as $told) {
                if (preg_match('/^1 .*T([\d.]+)/', $told, $part) === 1) {
                    $triggers[] = (float) $part[1];
                    preg_match_all('/([XCA])(-?[\d.]+)/', $told, $words);
                    $places[] = array_map(floatval(...), array_combine($words[1], $words[2]));
                }
            }
        }
        $planned = $schedule->timeline->triggerSeconds;
        self::assertCount(count($planned), $triggers);
        foreach ($planned as $n => $seconds) {
            self::assertEqualsWithDelta($seconds, $triggers[$n] - $triggers[0], self::CLOSE_SECONDS, "photo {$n}");
            foreach (Letters::of($plan->rig) as $axis => $letter) {
                $step = 1.0 / ($plan->rig->axis($axis)->stepsPerUnit ?? 1.0);
                self::assertEqualsWithDelta($schedule->moves->positions[$axis][$n], $places[$n][$letter] ?? NAN, $step, "{$axis} at photo {$n}");
            }
        }
    }

    /**
     * @return iterable<string, array{Plan, float}>
     */
    public static function passes(): iterable
    {
        yield 'two keyframes in a minute' => [Plans::with(['/pass/duration_s' => 60.0]), 60.0];
        yield 'a thousand places in two minutes' => [Plans::with(['/timing/photos' => 1_000, '/pass/duration_s' => 120.0]), 120.0];
    }

    /** In real time: at each of its places when a pass that goes evenly is there, to the step that it makes in 50 ms. */
    #[DataProvider('passes')]
    public function testAPassIsWhereItIsToBe(Plan $plan, float $seconds): void
    {
        $columns = $plan->path->positionColumns();
        $last = $plan->timing->photos - 1;
        $rig = new SimulatedRig($plan->rig);
        $rig->greet();
        $at = 0.0;
        $begins = INF;
        $sampled = 0;
        $sample = static function (float $until, float $begins) use ($rig, &$sampled, $columns, $plan, $seconds, $last): void {
            for (; $sampled <= $last && $begins + $sampled * $seconds / $last <= $until; $sampled++) {
                $rig->goOnTo($begins + $sampled * $seconds / $last);
                foreach ($rig->positions() as $axis => $position) {
                    $step = 1.0 / ($plan->rig->axis($axis)->stepsPerUnit ?? 1.0);
                    $near = array_slice($columns[$axis], max(0, $sampled - 1), 3);
                    $perSecond = (max([-INF, ...$near]) - min([INF, ...$near])) * $last / $seconds;
                    self::assertEqualsWithDelta($columns[$axis][$sampled], $position, $step + $perSecond * self::CLOSE_SECONDS, "{$axis} at place {$sampled}");
                }
            }
            $rig->goOnTo($until);
        };
        foreach (explode("\n", rtrim(PassProgram::of($plan))) as $line) {
            $begins = str_starts_with($line, 'G93') ? min($begins, $at) : $begins;
            $rig->receive("{$line}\n", $at);
            while (!str_contains($said = $rig->takeSaid(), 'ok')) {
                self::assertStringNotContainsString('error', $said, $line);
                $at = $rig->nextAt() ?? self::fail("{$line} is never answered");
                $sample($at, $begins);
            }
        }
        self::assertEqualsWithDelta($seconds, $at - $begins, self::CLOSE_SECONDS);
        self::assertGreaterThanOrEqual($last, $sampled);
    }

    public function testAPassThatTheRigCannotGoIsRefused(): void
    {
        foreach ([[], ['/pass/duration_s' => 0.5], ['/pass/duration_s' => 60, '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]]] as $changes) {
            try {
                PassProgram::of(Plans::with($changes));
                self::fail('It was taken.');
            } catch (InvalidInput $invalid) {
                self::assertSame('/pass/duration_s', $invalid->problems[0]->pointer);
                self::assertMatchesRegularExpression('/devices\.program\.(?:no_pass|too_fast)/', (string) $invalid->problems[0]->message);
            }
        }
    }

    public function testWhatDoesNotStopForPhotosIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        ShotProgram::of(Schedule::of(Plans::with(['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]])));
    }
}
