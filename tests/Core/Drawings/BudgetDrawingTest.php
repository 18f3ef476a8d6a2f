<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Checks\Report;
use Evrent\Core\Drawings\BudgetDrawing;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What the budgets' pictures say, and that they say the same as the findings.
 */
final class BudgetDrawingTest extends TestCase
{
    private const SHORT = ['/timing/photos' => 200, '/timing/head_photos' => 0, '/timing/tail_photos' => 0];

    /**
     * @param array<string, mixed> $changes
     */
    private static function drawn(array $changes): BudgetDrawing
    {
        return BudgetDrawing::of(Shot::of(Plans::with($changes + self::SHORT)));
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, array{name: string, says: string, fits: bool, percent: float, marks: list<float>}> by name
     */
    private static function bars(array $changes): array
    {
        return array_column(self::drawn($changes)->bars, null, 'name');
    }

    public function testNothingIsDrawnOfWhatNobodySaid(): void
    {
        self::assertSame([[], []], [self::drawn([])->curves, self::drawn([])->bars]);
    }

    public function testCardsFillToTheirShare(): void
    {
        $half = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [10]]])['Cards'];
        self::assertSame(['200 of 400 photos', true, 50.0, []], [$half['says'], $half['fits'], $half['percent'], $half['marks']]);
        $over = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [4]]])['Cards'];
        self::assertSame(['200 of 160 photos', false, 100.0], [$over['says'], $over['fits'], $over['percent']]);
        $two = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [4, 6]]])['Cards'];
        self::assertSame(['200 of 400 photos, the second from photo 161', true, [40.0]], [$two['says'], $two['fits'], $two['marks']]);
    }

    public function testLoadsAreMeasuredTwice(): void
    {
        $bars = self::bars(['/load' => [
            'camera_kg' => 1, 'lens_kg' => 1, 'head_kg' => 1, 'rig_kg' => 2, 'legs_rating_kg' => 20, 'carriage_rating_kg' => 5,
        ]]);
        self::assertSame(['10 of 20 kg', true, 50.0], array_values(array_intersect_key($bars['Legs, for twice the load'], ['says' => 1, 'fits' => 1, 'percent' => 1])));
        self::assertSame(['6 of 5 kg', false, 100.0], array_values(array_intersect_key($bars['Carriage, for twice the load'], ['says' => 1, 'fits' => 1, 'percent' => 1])));
        self::assertArrayNotHasKey('Thrust up the incline', $bars);
    }

    public function testThrustGoesWithTheIncline(): void
    {
        $percent = static fn (float $degrees): float => self::bars(['/load' => ['incline_deg' => $degrees, 'thrust_n' => 100]])['Thrust up the incline']['percent'];
        self::assertGreaterThan($percent(0.0), $percent(15.0));
        self::assertGreaterThan($percent(15.0), $percent(40.0));
    }

    public function testTheHorizonIsMeasuredAtTheFramesEdge(): void
    {
        $optics = ['/optics' => Plans::OPTICS + ['focal_mm' => 24]];
        self::assertArrayNotHasKey('Horizon, at the frame’s edge', self::bars($optics));
        $level = self::bars($optics + ['/rig/base' => ['off_level_deg' => 0.05, 'toward_deg' => 90]])['Horizon, at the frame’s edge'];
        $leaning = self::bars($optics + ['/rig/base' => ['off_level_deg' => 2, 'toward_deg' => 90]])['Horizon, at the frame’s edge'];
        self::assertSame([true, false], [$level['fits'], $leaning['fits']]);
        self::assertMatchesRegularExpression('/^[\d.]+ of 3 px$/', $leaning['says']);
    }

    public function testABatterysCurveFallsFromFullToWhatIsLeft(): void
    {
        $changes = ['/power' => ['camera' => ['battery_wh' => 2], 'rig' => ['battery_wh' => 0.2]]];
        $drawn = self::drawn($changes);
        $drain = Drain::of(Schedule::of(Plans::with($changes + self::SHORT)));
        self::assertSame(['Camera’s battery', 'Rig’s battery'], array_column($drawn->curves, 'name'));
        [$camera, $rig] = $drawn->curves;
        self::assertSame([round(100 * ($drain?->camera?->left() ?? 0.0)) . ' % left', true], [$camera['says'], $camera['fits']]);
        self::assertSame(['dies at photo ' . $drain?->rig?->diesAtPhoto, false], [$rig['says'], $rig['fits']]);
        preg_match_all('/[ML]([\d.]+) ([\d.]+)/', $camera['path'], $points);
        $heights = array_map(floatval(...), $points[2]);
        $sorted = $heights;
        sort($sorted);
        self::assertSame($sorted, $heights, 'charge never comes back');
        self::assertSame([0.0, (float) BudgetDrawing::WIDTH], [(float) $points[1][0], (float) $points[1][count($points[1]) - 1]]);
        self::assertStringEndsWith('Z', $camera['area']);
    }

    public function testAPowerBankIsABarOfItsOwn(): void
    {
        $bar = self::bars(['/power' => ['camera' => ['battery_wh' => 2], 'bank' => ['capacity_wh' => 50]]])['Power bank'];
        self::assertMatchesRegularExpression('/^\d+ % left$/', $bar['says']);
        self::assertLessThan(100.0, $bar['percent']);
    }

    /** What a picture shows as too much is a finding, and the other way round. */
    public function testPicturesAndFindingsAgree(): void
    {
        $findings = ['Cards' => FindingId::CardFull, 'Camera’s battery' => FindingId::CameraBatteryDies, 'Rig’s battery' => FindingId::RigBatteryDies, 'Thrust up the incline' => FindingId::InclineBeyondThrust, 'Horizon, at the frame’s edge' => FindingId::HorizonLeans];
        foreach (Plans::drawn(80) as $name => [$plan]) {
            $schedule = Schedule::of($plan);
            $report = Report::on(Shot::on($schedule));
            $drawn = BudgetDrawing::of(Shot::on($schedule));
            foreach ([...$drawn->curves, ...$drawn->bars] as $one) {
                if (isset($findings[$one['name']])) {
                    self::assertSame($one['fits'], $report->finding($findings[$one['name']]) === null, "{$name}: {$one['name']} {$one['says']}");
                }
            }
        }
    }
}
