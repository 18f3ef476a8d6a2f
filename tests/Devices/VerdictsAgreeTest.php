<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Run\RunVerdict;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What the plan says of random shots and what their dry runs say: the same, apart from what chance added, which is named.
 */
final class VerdictsAgreeTest extends TestCase
{
    private const SHOTS = 2_000;
    private const AT_A_TIME = 200;

    /**
     * @return iterable<string, array{list<int>}>
     */
    public static function seeds(): iterable
    {
        foreach (array_chunk(Cases::numbers(self::SHOTS), self::AT_A_TIME) as $seeds) {
            yield "from seed {$seeds[0]}" => [$seeds];
        }
    }

    /**
     * @param list<int> $seeds
     */
    #[DataProvider('seeds')]
    public function testPlanAndDryRunAgree(array $seeds): void
    {
        $said = [];
        foreach ($seeds as $number) {
            $seed = "seed {$number}";
            $plan = Plans::ofSeed($number, 40);
            $schedule = Schedule::of($plan);
            $report = Report::on(Shot::on($schedule));
            $log = DryRun::of($schedule, $number);
            $verdict = $log->verdict();
            $timing = array_filter(array_map($report->finding(...), [
                FindingId::IntervalTooShortForRig, FindingId::IntervalTooShortForCamera, FindingId::ControllerStretchesInterval, FindingId::CameraTimerDrifts,
                FindingId::FasterThanAxis,
            ]));
            $spoils = array_filter($timing, static fn ($finding): bool => $finding->severity === Severity::Error);
            $runs = $log->latePhotos > 0 || $log->usablePhotos < $log->photosPlanned();
            self::assertSame($runs, $verdict->failed, $seed);
            if ($spoils !== []) {
                // What the plan says will fail did, and the run names it.
                self::assertTrue($verdict->failed, "{$seed}: {$verdict->says} {$verdict->why}");
                self::assertSame('checks.verdict.fails', (string) $verdict->says, $seed);
                self::assertStringContainsString((string) (RunVerdict::predicted($schedule)->title ?? '?'), (string) $verdict->why, $seed);
            } elseif ($timing !== []) {
                self::assertFalse($verdict->passes, "{$seed}: a pass by luck is none");
                self::assertSame('run.verdict.margin', (string) $verdict->says, $seed);
            } elseif ($plan->trigger->isCamera()) {
                // A timer of its own may brush a move by some milliseconds, which is chance and told as that.
                self::assertContains((string) $verdict->says, ['checks.verdict.works', 'run.verdict.failed'], $seed);
            } else {
                self::assertTrue($verdict->passes, "{$seed}: {$verdict->says} {$verdict->why}");
            }
            self::assertMatchesRegularExpression('/variation: run\.verdict\.(no_)?variation/', (string) $verdict->why, $seed);
            $said[(string) $verdict->says] = ($said[(string) $verdict->says] ?? 0) + 1;
        }
        self::assertGreaterThan(0.08 * count($seeds), min($said['checks.verdict.works'] ?? 0, $said['checks.verdict.fails'] ?? 0));
    }
}
