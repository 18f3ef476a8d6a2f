<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\HeldFigures;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Timers of whole seconds, and cameras with a list of intervals of their own.
 */
final class TimerLacksIntervalTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, float, ?string, list<string>}> of the trigger; the interval; how far off; what is offered
     */
    public static function timers(): iterable
    {
        yield 'any interval' => [[], 15.1, null, []];
        yield 'whole seconds, and it is one' => [['interval_step_s' => 1], 15, null, []];
        yield 'whole seconds' => [['interval_step_s' => 1], 15.1, 'checks.timer_lacks_interval.off(off: 0.1)', ['fixes.interval_s(seconds: 15)', 'fixes.interval_s(seconds: 16)']];
        yield 'half seconds' => [['interval_step_s' => 0.5], 7.5, null, []];
        yield 'a list that has it' => [['intervals_s' => [5, 10, 30]], 10, null, []];
        yield 'a list' => [['intervals_s' => [5, 10, 30]], 12, 'checks.timer_lacks_interval.off(off: 2)', ['fixes.interval_s(seconds: 10)', 'fixes.interval_s(seconds: 30)']];
        yield 'shorter than any of it' => [['intervals_s' => [20, 30]], 12, 'checks.timer_lacks_interval.off(off: 8)', ['fixes.interval_s(seconds: 20)']];
        // At 1 s rig and camera would not be ready.
        yield 'the shorter one is too short' => [['intervals_s' => [1, 30]], 12, 'checks.timer_lacks_interval.off(off: 11)', ['fixes.interval_s(seconds: 30)']];
    }

    /**
     * @param array<string, mixed> $trigger
     * @param list<string>         $offered
     */
    #[DataProvider('timers')]
    public function testAnIntervalThatTheTimerLacksIsTold(array $trigger, float $interval, ?string $off, array $offered): void
    {
        $found = self::finding(Plans::with(['/timing/interval_s' => $interval, '/trigger' => ['by' => 'rig'] + $trigger]));
        self::assertSame((string) $off, (string) $found?->shortfall);
        $remedies = $found?->remedies() ?? [];
        self::assertSame($offered, array_map(static fn (Remedy $remedy): string => (string) $remedy->label, $remedies));
        foreach ($remedies as $remedy) {
            self::assertNull(self::finding($remedy->mended), (string) $remedy->label);
        }
    }

    public function testBesideARigItStopsTheShotAndAloneItIsTold(): void
    {
        $trigger = ['/timing/interval_s' => 15.1, '/trigger' => ['by' => 'camera_timer', 'interval_step_s' => 1]];
        self::assertSame(Severity::Error, self::finding(Plans::with($trigger))?->severity);
        $alone = Plans::with($trigger + ['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]]);
        self::assertSame(Severity::Warning, self::finding($alone)?->severity);
    }

    public function testWhatTheCamerasTimerIsSetToIsWhatCounts(): void
    {
        $trigger = ['by' => 'camera_timer', 'interval_step_s' => 1, 'camera_interval_s' => 15.5];
        $found = self::finding(Plans::with(['/timing/interval_s' => 15, '/trigger' => $trigger]));
        self::assertSame('checks.timer_lacks_interval.off(off: 0.5)', (string) $found?->shortfall);
    }

    public function testAnIntervalThatIsSolvedForIsOneThatTheTimerHas(): void
    {
        $plan = Plans::with(['/trigger' => ['by' => 'rig', 'interval_step_s' => 1]]);
        $solved = HeldFigures::solve($plan, Figure::Interval, 240, null, 3_000.0)->plan;
        // 12.5 s each would fill it; rounded down it never overruns.
        self::assertSame(12.0, $solved->timing->interval->longest());
        self::assertSame(12.5, HeldFigures::solve(Plans::with([]), Figure::Interval, 240, null, 3_000.0)->plan->timing->interval->longest());
    }

    private static function finding(Plan $plan): ?Finding
    {
        return Report::on(Shot::of($plan))->finding(FindingId::TimerLacksInterval);
    }
}
