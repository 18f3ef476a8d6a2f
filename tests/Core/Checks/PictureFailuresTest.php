<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What spoils the picture. With 24 mm on the plans' sensor and output, a radian is 1280 pixels of the clip.
 */
final class PictureFailuresTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes by JSON pointer
     */
    private static function report(array $changes): Report
    {
        return Report::on(Shot::of(Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 24], ...$changes])));
    }

    /**
     * @param array<string, mixed> $changes by JSON pointer
     */
    private static function found(FindingId $id, array $changes): Finding
    {
        $finding = self::report($changes)->finding($id);
        self::assertNotNull($finding, "{$id->value} is not found");
        foreach ($finding->remedies() as $remedy) {
            self::assertNull(Report::on(Shot::of($remedy->mended))->finding($id), (string) $remedy->label);
        }

        return $finding;
    }

    public function testWithoutOpticsNothingIsSaidOfThePicture(): void
    {
        $report = Report::on(Shot::of(Plans::with(['/move/keyframes/1/pan' => 170])));
        self::assertSame([], $report->findings);
    }

    public function testAGoodShotHearsOfNothing(): void
    {
        self::assertSame([], array_column(self::report([])->findings, 'id'));
    }

    public function testT3NoiseReductionTakesEveryExposureTwice(): void
    {
        $finding = self::found(FindingId::NoiseReductionDoubles, ['/camera/long_exposure_noise_reduction' => true]);
        self::assertSame('checks.noise_reduction_doubles.shortfall(longest: 0.8)', (string) $finding->shortfall);
        self::assertSame(0.8, $finding->remedies()[0]->mended->timing->exposure->longest());
    }

    public function testT9IntervalTooLongForAFastSubject(): void
    {
        // 0.5 m/s at 20 m is 32 px a second: 256 px in 8 s, 13 % of 1920; a tenth takes 6 s.
        $finding = self::found(FindingId::IntervalTooLongForSubject, ['/optics/subject_speed_m_s' => 0.5]);
        self::assertSame('checks.interval_too_long_for_subject.shortfall(share: 13.333)', (string) $finding->shortfall);
        self::assertSame([1, 240], [$finding->firstPhoto, $finding->photoCount]);
        // From 4 s to 8 s, the second half is longer than six seconds from photo 121 on.
        $keyed = self::found(FindingId::IntervalTooLongForSubject, ['/optics/subject_speed_m_s' => 0.5, '/timing/interval_s' => [['at' => 0, 'interval_s' => 4], ['at' => 1, 'interval_s' => 8]]]);
        self::assertSame([121, 120], [$keyed->firstPhoto, $keyed->photoCount]);
        self::assertSame(6.0, $finding->remedies()[0]->mended->timing->interval->longest());
        self::assertNull(self::report(['/optics/subject_speed_m_s' => 0.37])->finding(FindingId::IntervalTooLongForSubject));
        // Where rig and camera need more than that, there is no shorter interval to offer but without stopping; and it is said why.
        $fast = self::found(FindingId::IntervalTooLongForSubject, ['/optics/subject_speed_m_s' => 3]);
        self::assertSame(['creep'], array_column($fast->remedies(), 'key'));
        self::assertSame('checks.interval_too_long_for_subject.jumps(seconds: 8, share: 80, more: checks.interval_too_long_for_subject.needs(needed: 2.424, mostSeconds: 1))', (string) $fast->sentence);
        $faster = self::found(FindingId::IntervalTooLongForSubject, ['/optics/subject_speed_m_s' => 9]);
        self::assertSame([], $faster->remedies());
        self::assertSame('checks.interval_too_long_for_subject.jumps(seconds: 8, share: 240, more: checks.interval_too_long_for_subject.needs(needed: 2.424, mostSeconds: 0.333))', (string) $faster->sentence);
    }

    public function testT13BlurShareTooSmallOnAFastSubject(): void
    {
        $finding = self::found(FindingId::BlurShareTooSmall, ['/optics/subject_speed_m_s' => 0.1, '/timing/exposure_s' => 0.4]);
        self::assertSame('checks.blur_share_too_small.shortfall(share: 5)', (string) $finding->shortfall);
        self::assertSame(4.0, $finding->remedies()[0]->mended->timing->exposure->longest());
        self::assertSame('units.semicolon(first: checks.cost.keeps(kept: [checks.cost.kept_clip, checks.cost.kept_shooting, checks.cost.kept_interval, checks.cost.kept_framing]), last: checks.blur_share_too_small.with_nd(stops: 3.3 stop))', (string) $finding->remedies()[0]->costs);
        // A slow subject looks smooth without: 0.03 m/s is 15 px in 8 s.
        self::assertNull(self::report(['/optics/subject_speed_m_s' => 0.03, '/timing/exposure_s' => 0.4])->finding(FindingId::BlurShareTooSmall));
        self::assertNull(self::report(['/optics/subject_speed_m_s' => 0.1])->finding(FindingId::BlurShareTooSmall));
    }

    public function testT14ExposureDraggedForNothingOnASlowSubject(): void
    {
        // 0.002 m/s is 0.128 px a second: half a pixel in 4 s.
        $finding = self::found(FindingId::ExposureDraggedForNothing, ['/optics/subject_speed_m_s' => 0.002, '/timing/exposure_s' => 4]);
        self::assertSame('checks.exposure_dragged_for_nothing.shortfall(blur: 0.51)', (string) $finding->shortfall);
        self::assertEqualsWithDelta(0.8, $finding->remedies()[0]->mended->timing->exposure->longest(), 1e-12);
        self::assertNull(self::report(['/optics/subject_speed_m_s' => 0.02, '/timing/exposure_s' => 4])->finding(FindingId::ExposureDraggedForNothing));
        self::assertNull(self::report(['/timing/exposure_s' => 4])->finding(FindingId::ExposureDraggedForNothing));
        // With a gap the interval shrinks with the exposure: 9 of 10 s open become 1/9 of the gap.
        $gap = self::found(FindingId::ExposureDraggedForNothing, ['/optics/subject_speed_m_s' => 0.0005, '/timing/exposure_s' => 9, '/timing/interval_s' => 1, '/timing/interval_means' => 'gap']);
        // The mark below that is 1/10 s.
        self::assertSame(0.1, $gap->remedies()[0]->mended->timing->exposure->longest());
    }

    public function testT12PanTooFastOnScreen(): void
    {
        // 114° over 215 moves at 1.25 times the even speed: 0.663° a photo of the 73.74° that 24 mm take in: 73.74/(0.663·24) = 4.64 s.
        $finding = self::found(FindingId::TooFastOnScreen, ['/move/keyframes/1/pan' => 100]);
        self::assertSame('checks.too_fast_on_screen.title(axis: pan)', (string) $finding->title);
        self::assertSame('checks.too_fast_on_screen.shortfall(crossing: 4.636)', (string) $finding->shortfall);
        self::assertEqualsWithDelta(216 * 7 / 4.64, $finding->remedies()[0]->mended->timing->photos, 4);
        self::assertSame(8.0, $finding->remedies()[0]->mended->timing->interval->longest());
        // 0.439° crosses in just seven seconds: 66 % of the cruising step, so all but the ends of the ramps.
        self::assertEqualsWithDelta(13 + 0.66 * 43, $finding->firstPhoto, 1.5);
        self::assertEqualsWithDelta(215 - 2 * 0.66 * 43, $finding->photoCount, 3);
        // 21° instead of 100° takes over seventeen seconds.
        self::assertNull(self::report([])->finding(FindingId::TooFastOnScreen));
    }

    public function testT17ContinuousMoveSmearsALongExposure(): void
    {
        // Half of each interval open: half of 0.2035° or 2.27 px.
        $finding = self::found(FindingId::ContinuousSmear, ['/timing/mode' => 'continuous', '/timing/exposure_s' => 4]);
        self::assertSame('checks.continuous_smear.shortfall(much: 2.3)', (string) $finding->shortfall);
        self::assertSame(['stop', 'exposure', 'way'], array_column($finding->remedies(), 'key'));
        // 1.5 of 2.27 px is reached two thirds up the ramp of 43 photos, and left as far down the other.
        self::assertEqualsWithDelta(13 + 0.66 * 43, $finding->firstPhoto, 1.5);
        self::assertEqualsWithDelta(215 - 2 * 0.66 * 43, $finding->photoCount, 3);
        self::assertNull(self::report(['/timing/mode' => 'continuous', '/timing/exposure_s' => 2])->finding(FindingId::ContinuousSmear));
        self::assertNull(self::report(['/timing/exposure_s' => 4])->finding(FindingId::ContinuousSmear));
    }

    public function testT18TooLittleSettling(): void
    {
        $finding = self::found(FindingId::TooLittleSettling, ['/rig/settle_s' => 0.1]);
        self::assertSame('checks.too_little_settling.shortfall(settleSeconds: 0.1)', (string) $finding->shortfall);
        self::assertSame(0.5, $finding->remedies()[0]->mended->rig->settleSeconds);
        self::assertSame(8.0, $finding->remedies()[0]->mended->timing->interval->longest());
        // Where the interval has no room for it, it grows: 0.06 + 0.8 + 0.2 + 0.564 + 0.5 = 2.124 s.
        $tight = self::found(FindingId::TooLittleSettling, ['/rig/settle_s' => 0, '/timing/interval_s' => 1.7]);
        self::assertSame(2.2, $tight->remedies()[0]->mended->timing->interval->longest());
        self::assertNull(self::report(['/rig/settle_s' => 0, '/timing/mode' => 'continuous'])->finding(FindingId::TooLittleSettling));
    }

    public function testT19NothingNearEnough(): void
    {
        // 820 mm at 60 m and at 400 m: 17.5 - 2.6 px.
        $finding = self::found(FindingId::SlideDoesNotShow, ['/optics/foreground_m' => 60, '/optics/subject_m' => 80]);
        self::assertSame('checks.slide_does_not_show.shortfall(parallax: 14.9)', (string) $finding->shortfall);
        self::assertNull(self::report(['/optics/foreground_m' => 60, '/optics/subject_m' => 80, '/move/keyframes/1/slide' => 40])->finding(FindingId::SlideDoesNotShow));
    }

    public function testT20AMotorStepThatShows(): void
    {
        // 20 steps a degree: 0.05° or 1.12 px.
        $finding = self::found(FindingId::StepBelowMotor, ['/rig/axes/1/steps_per_unit' => 20]);
        self::assertSame('checks.step_below_motor.coarse(pixels: 1.12)', (string) $finding->shortfall);
        self::assertSame('checks.step_below_motor.title(axis: axes.pan)', (string) $finding->title);
    }

    public function testT20APlannedStepUnderOneMotorStep(): void
    {
        // 0.1° of tilt over 215 moves at 1.25 times the even speed: 0.05 motor steps.
        $finding = self::found(FindingId::StepBelowMotor, ['/move/keyframes/1/tilt' => 2.1]);
        self::assertSame('checks.step_below_motor.fine(steps: 0.05)', (string) $finding->shortfall);
        self::assertSame(9, $finding->photoCount);
    }
}
