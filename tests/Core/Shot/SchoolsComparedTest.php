<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Ramp;
use Evrent\Core\Shot\School;
use Evrent\Core\Shot\SchoolsCompared;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class SchoolsComparedTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    private static function dusk(array $changes = []): Schedule
    {
        return Schedule::of(Plans::with($changes + [
            '/timing/photos' => 400, '/timing/interval_s' => 8, '/timing/exposure_s' => 0.05, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -600], '/light' => ['aperture' => 4, 'longest_s' => 4],
        ]));
    }

    public function testEachSchoolSaysWhatItsRampDoes(): void
    {
        $schedule = self::dusk();
        $compared = SchoolsCompared::of(Shot::on($schedule));
        self::assertSame(School::cases(), array_column($compared, 'school'));
        foreach ($compared as $one) {
            $ramp = Ramp::of(Shot::on($schedule), $one['school']);
            self::assertNotNull($ramp);
            self::assertSame([min($ramp->exposures), max($ramp->exposures)], [$one['shortest'], $one['longest']]);
            self::assertSame([min($ramp->isos), max($ramp->isos)], [$one['lowestIso'], $one['highestIso']]);
            self::assertSame([$ramp->worstError(), count($ramp->late)], [$one['worst'], $one['late']]);
            self::assertSame(count(array_filter($ramp->errors, static fn (float $error): bool => abs($error) > 1.0)), $one['out']);
        }
    }

    /** At dusk the fixed exposure drowns, and a ramp keeps every photo. */
    public function testTheSchoolsDifferAsTheyDoOnSite(): void
    {
        [$fixed, , , , $ramped] = SchoolsCompared::of(Shot::on(self::dusk()));
        self::assertSame([School::Fixed, School::Stepless], [$fixed['school'], $ramped['school']]);
        self::assertSame($fixed['shortest'], $fixed['longest']);
        self::assertGreaterThan(100, $fixed['out']);
        self::assertLessThan(-5.0, $fixed['worst']);
        self::assertSame([0, 0], [$ramped['out'], $ramped['late']]);
        self::assertLessThan(abs($fixed['worst']), abs($ramped['worst']));
    }

    /** One scale for all: equal exposures stand at equal heights, whichever school gives them. */
    public function testTheDrawingsCanBeComparedByEye(): void
    {
        $compared = SchoolsCompared::of(Shot::on(self::dusk()));
        $exposures = [];
        foreach ($compared as $one) {
            foreach (['exposure', 'iso', 'error'] as $line) {
                self::assertMatchesRegularExpression('/^M[\d.]+ [\d.]+(L[\d.]+ [\d.]+)+$/', $one['lines'][$line]);
                preg_match_all('/[ML]([\d.]+) ([\d.]+)/', $one['lines'][$line], $points);
                self::assertSame([0.0, (float) SchoolsCompared::WIDTH], [(float) $points[1][0], (float) $points[1][count($points[1]) - 1]]);
                foreach ($points[2] as $height) {
                    self::assertGreaterThanOrEqual(0.0, (float) $height);
                    self::assertLessThanOrEqual((float) SchoolsCompared::HEIGHT, (float) $height);
                }
                if ($line === 'exposure') {
                    $exposures[] = (float) $points[2][0];
                }
            }
        }
        // All meter the first photo alike but the fixed one, which is as the first photo of the plan is.
        self::assertEqualsWithDelta($exposures[1], $exposures[4], 0.2);
    }

    public function testTheBandIsWhereBrightnessIsGoodEnough(): void
    {
        self::assertEquals([20.0, 20.0], SchoolsCompared::of(Shot::on(self::dusk()))[0]['band']);
        self::assertEquals([25.0, 10.0], SchoolsCompared::of(Shot::on(self::dusk(['/thresholds' => ['light_stops' => 0.5]])))[0]['band']);
        self::assertEquals([0.0, 60.0], SchoolsCompared::of(Shot::on(self::dusk(['/thresholds' => ['light_stops' => 9]])))[0]['band']);
    }

    public function testWithoutLightThereIsNothingToCompare(): void
    {
        self::assertSame([], SchoolsCompared::of(Shot::of(Plans::with([]))));
        self::assertSame([], SchoolsCompared::of(Shot::of(Plans::with(['/light' => ['aperture' => 4]]))));
    }
}
