<?php

declare(strict_types=1);

namespace Tests\Core\Drawings;

use Evrent\Core\Checks\Report;
use Evrent\Core\Drawings\BudgetDrawing;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Messages\Text;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Words\PlainText;
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
     * @return array<string, array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>}> by name
     */
    private static function bars(array $changes): array
    {
        $bars = self::drawn($changes)->bars;

        return array_combine(array_map(static fn (array $bar): string => (string) $bar['name'], $bars), $bars);
    }

    /**
     * @param array{name: Text|string, says: Text|string, fits: bool, percent: float, marks: list<float>} $bar
     *
     * @return array{string, bool, float}
     */
    private static function seen(array $bar): array
    {
        return [(string) $bar['says'], $bar['fits'], $bar['percent']];
    }

    public function testNothingIsDrawnOfWhatNobodySaid(): void
    {
        self::assertSame([[], []], [self::drawn([])->curves, self::drawn([])->bars]);
    }

    public function testCardsFillToTheirShare(): void
    {
        $half = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [10]]])['drawings.budget.cards'];
        self::assertSame(['drawings.budget.photos(photos: 200, capacity: 400, from: 401)', true, 50.0, []], [(string) $half['says'], $half['fits'], $half['percent'], $half['marks']]);
        $over = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [4]]])['drawings.budget.cards'];
        self::assertSame(['drawings.budget.photos(photos: 200, capacity: 160, from: 161)', false, 100.0], [(string) $over['says'], $over['fits'], $over['percent']]);
        $two = self::bars(['/storage' => ['raw_mb' => 25, 'cards_gb' => [4, 6]]])['drawings.budget.cards'];
        self::assertSame(['drawings.budget.second_card(photos: 200, capacity: 400, from: 161)', true, [40.0]], [(string) $two['says'], $two['fits'], $two['marks']]);
    }

    public function testLoadsAreMeasuredTwice(): void
    {
        $bars = self::bars(['/load' => [
            'camera_kg' => 1, 'lens_kg' => 1, 'head_kg' => 1, 'rig_kg' => 2, 'legs_rating_kg' => 20, 'carriage_rating_kg' => 5,
        ]]);
        self::assertSame(['drawings.budget.of(is: 10, most: 20 kg)', true, 50.0], self::seen($bars['drawings.budget.tripod']));
        self::assertSame(['drawings.budget.of(is: 6, most: 5 kg)', false, 100.0], self::seen($bars['drawings.budget.carriage']));
        self::assertArrayNotHasKey('drawings.budget.thrust', $bars);
    }

    public function testThrustGoesWithTheIncline(): void
    {
        $percent = static fn (float $degrees): float => self::bars(['/load' => ['incline_deg' => $degrees, 'thrust_n' => 100]])['drawings.budget.thrust']['percent'];
        self::assertGreaterThan($percent(0.0), $percent(15.0));
        self::assertGreaterThan($percent(15.0), $percent(40.0));
    }

    public function testTheHorizonIsMeasuredAtTheFramesEdge(): void
    {
        $optics = ['/optics' => Plans::OPTICS + ['focal_mm' => 24]];
        self::assertArrayNotHasKey('drawings.budget.horizon', self::bars($optics));
        $level = self::bars($optics + ['/rig/base' => ['off_level_deg' => 0.05, 'toward_deg' => 90]])['drawings.budget.horizon'];
        $leaning = self::bars($optics + ['/rig/base' => ['off_level_deg' => 2, 'toward_deg' => 90]])['drawings.budget.horizon'];
        self::assertSame([true, false], [$level['fits'], $leaning['fits']]);
        self::assertMatchesRegularExpression('/\(is: [\d.]+, most: 3 px\)$/', (string) $leaning['says']);
    }

    public function testABatterysCurveFallsFromFullToWhatIsLeft(): void
    {
        $changes = ['/power' => ['camera' => ['battery_wh' => 2], 'rig' => ['battery_wh' => 0.2]]];
        $drawn = self::drawn($changes);
        $drain = Drain::of(Schedule::of(Plans::with($changes + self::SHORT)));
        self::assertSame(['drawings.budget.camera_battery', 'drawings.budget.rig_battery'], array_map(strval(...), array_column($drawn->curves, 'name')));
        [$camera, $rig] = $drawn->curves;
        self::assertSame(['drawings.budget.left(percent: ' . PlainText::rounded(100 * ($drain?->camera?->left() ?? 0.0), 3) . ')', true], [(string) $camera['says'], $camera['fits']]);
        self::assertSame(['drawings.budget.dies(photo: ' . $drain?->rig?->diesAtPhoto . ')', false], [(string) $rig['says'], $rig['fits']]);
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
        $bar = self::bars(['/power' => ['camera' => ['battery_wh' => 2], 'bank' => ['capacity_wh' => 50]]])['drawings.budget.power_bank'];
        self::assertMatchesRegularExpression('/\(percent: [\d.]+\)$/', (string) $bar['says']);
        self::assertLessThan(100.0, $bar['percent']);
    }

    /** What a picture shows as too much is a finding, and the other way round. */
    public function testPicturesAndFindingsAgree(): void
    {
        $findings = ['drawings.budget.cards' => FindingId::CardFull, 'drawings.budget.camera_battery' => FindingId::CameraBatteryDies, 'drawings.budget.rig_battery' => FindingId::RigBatteryDies, 'drawings.budget.thrust' => FindingId::InclineBeyondThrust, 'drawings.budget.horizon' => FindingId::HorizonLeans];
        foreach (Plans::drawn(80) as $name => [$plan]) {
            $schedule = Schedule::of($plan);
            $report = Report::on(Shot::on($schedule));
            $drawn = BudgetDrawing::of(Shot::on($schedule));
            foreach ([...$drawn->curves, ...$drawn->bars] as $one) {
                if (isset($findings[(string) $one['name']])) {
                    self::assertSame($one['fits'], $report->finding($findings[(string) $one['name']]) === null, "{$name}: {$one['name']} {$one['says']}");
                }
            }
        }
    }
}
