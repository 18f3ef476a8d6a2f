<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Protocol\Gcode\Letters;
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

    public function testWhatDoesNotStopForPhotosIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        ShotProgram::of(Schedule::of(Plans::with(['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]])));
    }
}
