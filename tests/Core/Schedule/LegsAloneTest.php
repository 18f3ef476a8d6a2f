<?php

declare(strict_types=1);

namespace Tests\Core\Schedule;

use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\ScheduleCsv;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Devices\Virtual\DryRun;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A plan without an axis: a camera on legs, of which all but motion is known.
 */
final class LegsAloneTest extends TestCase
{
    /** 300 photos, one each 12 s: the last is triggered after 299 · 12 s = 3,588 s, and nothing is waited for but the camera. */
    public function testItsTimeIsThatOfItsIntervals(): void
    {
        $schedule = Schedule::of(self::plan());
        self::assertSame(300, $schedule->photosTotal());
        self::assertEqualsWithDelta(3_588.0, $schedule->timeline->triggerSeconds[299], 1e-9);
        self::assertSame(0.0, max([0.0, ...$schedule->moves->moveSeconds]));
        self::assertEqualsWithDelta(12.5, $schedule->summary->clipSeconds, 1e-9);
        self::assertSame('checks.verdict.works', (string) DryRun::of($schedule, 1)->verdict()->says);
    }

    public function testWhatIsSaidOfItIsNothingOfAMove(): void
    {
        $shot = Shot::of(self::plan());
        $of = array_map(static fn (Preflight $item): string => $item->value, Preflight::of($shot));
        self::assertSame([], array_intersect(['sled', 'homed', 'ends', 'keyframes', 'level', 'power_up', 'cable'], $of));
        self::assertNull(Report::on($shot)->finding(FindingId::ClipTooShort));
        // Stars still trail, and the card still fills.
        $night = Shot::of(self::plan(['/timing/exposure_s' => 10, '/optics' => ['focal_mm' => 35] + Plans::OPTICS, '/storage' => ['raw_mb' => 60, 'cards_gb' => [4]]]));
        self::assertNotNull(Report::on($night)->finding(FindingId::CardFull));
    }

    public function testItIsWrittenAndReadAgain(): void
    {
        $again = PlanReader::fromJson(PlanWriter::toJson(self::plan()));
        self::assertEquals(self::plan(), $again);
        $rows = explode("\n", trim(implode('', [...ScheduleCsv::pieces($again)])));
        self::assertCount(301, $rows);
    }

    public function testAxesThatAreLeftOutAreAskedFor(): void
    {
        try {
            PlanReader::fromJson(Plans::json(['/rig' => ['settle_s' => 1], '/move/keyframes' => [['at' => 0], ['at' => 1]]]));
            self::fail('a rig that says nothing of axes');
        } catch (InvalidInput $refused) {
            self::assertSame(['/rig/axes'], array_map(static fn ($problem): string => $problem->pointer, $refused->problems));
        }
    }

    public function testAPositionOfAnAxisThatIsNotThereIsRefused(): void
    {
        $this->expectExceptionMessage('/move/keyframes/0/slide');
        self::plan(['/move/keyframes' => [['at' => 0, 'slide' => 5], ['at' => 1]]]);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with($changes + [
            '/rig' => ['axes' => []], '/move/keyframes' => [['at' => 0], ['at' => 1]], '/timing/photos' => 300, '/timing/head_photos' => 0,
            '/timing/tail_photos' => 0, '/timing/interval_s' => 12, '/timing/exposure_s' => 2, '/timing/frames_per_second' => 24,
        ]);
    }
}
