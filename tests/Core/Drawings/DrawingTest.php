<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Drawings\IntervalColumns;
use Evrent\Core\Drawings\Staircase;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Phase;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What the charts are drawn from.
 */
final class DrawingTest extends TestCase
{
    public function testTheStaircaseStandsWhileTheShutterIsOpenAndRisesWhileTheRigMoves(): void
    {
        $schedule = Schedule::of(Plans::example('1-two-keyframes'));
        $slide = Staircase::of($schedule, 1500)[0];
        $photo = $schedule->photo(100);
        $next = $schedule->photo(101);
        $i = array_search([$photo->triggerSeconds, $photo->positions['slide']], $slide->points, true);
        self::assertIsInt($i);
        self::assertSame([$photo->closeSeconds + 0.2, $photo->positions['slide']], $slide->points[$i + 1]);
        self::assertSame($next->positions['slide'], $slide->points[$i + 2][1]);
        self::assertLessThan($next->triggerSeconds, $slide->points[$i + 2][0]);
        self::assertSame([$next->triggerSeconds, $next->positions['slide']], $slide->points[$i + 3]);
        self::assertSame([860.0, 820.0], [$slide->highest, $slide->span]);
    }

    public function testALongStaircaseKeepsItsEndsAndStaysSmall(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/photos' => 9000, '/timing/interval_s' => 4]));
        foreach (Staircase::of($schedule, 1000) as $line) {
            self::assertLessThanOrEqual(1002, count($line->points));
            self::assertSame(0.0, $line->points[0][0]);
            self::assertSame($schedule->photo(9024)->triggerSeconds, $line->points[count($line->points) - 1][0]);
        }
    }

    public function testAnAxisThatNeverMovesStillHasHeight(): void
    {
        $still = Schedule::of(Plans::with(['/move/keyframes/1/tilt' => 2]));
        self::assertSame(1.0, Staircase::of($still, 1500)[2]->span);
    }

    public function testBandsCoverTheRunAndPegsStandOnTheirPhotos(): void
    {
        $schedule = Schedule::of(Plans::example('3-overrun-with-hold'));
        $bands = $schedule->bands();
        self::assertSame([Phase::Head, Phase::Move, Phase::Hold, Phase::Move, Phase::Tail], array_column($bands, 0));
        self::assertEqualsWithDelta($schedule->summary->runSeconds, array_sum(array_column($bands, 2)), 1e-9);
        // Photo 48 of 0…95 is half way, rounded away from zero: 6 head photos and 49 travelling ones.
        self::assertSame([7, 55, 112], $schedule->pegPhotos());
    }

    #[DataProvider('plans')]
    public function testTheIntervalBarFillsTheIntervalAndSlackIsWhatIsLeft(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $columns = DrawnColumns::of($schedule);
        $at = static function (string $name, int $n) use ($columns): float {
            $column = $columns[$name];
            $value = is_array($column) ? $column[$n] : $column;
            self::assertIsNumeric($value, $name);

            return $value / IntervalColumns::SCALE;
        };
        for ($n = 0; $n < $schedule->photosTotal() - 1; $n++) {
            self::assertEqualsWithDelta($at('interval', $n), $at('required', $n) + $at('slack', $n), 2e-4);
            self::assertEqualsWithDelta($at('lag', $n) + $at('exposure', $n), $at('dark_start', $n), 2e-4);
            self::assertGreaterThanOrEqual($at('dark_start', $n) + $at('dark', $n) - 2e-4, $at('write_start', $n));
            self::assertLessThanOrEqual($at('required', $n) + 2e-4, $at('move', $n) > 0 ? $at('settle_start', $n) + $at('settle', $n) : 0);
            self::assertGreaterThanOrEqual($at('interval', $n) - 2e-4, $at('span', $n));
            self::assertEqualsWithDelta($at('dark_start', $n) + $plan->rig->postExposureDelaySeconds, $at('move_start', $n), 2e-4);
            self::assertEqualsWithDelta($at('move_start', $n) + $at('move', $n), $at('settle_start', $n), 3e-4);
        }
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(12);
    }

    public function testWhatDoesNotMoveDoesNotSettle(): void
    {
        $schedule = Schedule::of(Plans::example('1-two-keyframes'));
        $columns = IntervalColumns::of($schedule);
        self::assertIsArray($columns['settle']);
        foreach ($columns['settle'] as $n => $settles) {
            $moves = $schedule->moves->moveSeconds[$n] > 0.0;
            self::assertSame($moves ? (int) round($schedule->plan->rig->settleSeconds * IntervalColumns::SCALE) : 0, $settles, 'photo ' . ($n + 1));
        }
        self::assertContains(0, $columns['settle']);
    }
}
