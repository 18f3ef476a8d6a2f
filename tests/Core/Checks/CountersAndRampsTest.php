<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Motion\RampEntry;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What counters and displays do to a plan, and thresholds of the shooter's own.
 */
final class CountersAndRampsTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes by JSON pointer
     */
    private static function found(FindingId $id, array $changes): ?Finding
    {
        $finding = Report::on(Shot::of(Plans::with($changes)))->finding($id);
        foreach ($finding?->remedies() ?? [] as $remedy) {
            self::assertNull(Report::on(Shot::of($remedy->mended))->finding($id), (string) $remedy->label);
        }

        return $finding;
    }

    public function testT10TheTimerCountsTo199AndStops(): void
    {
        $finding = self::found(FindingId::CountLimitBelowPhotos, ['/trigger' => ['count_limit' => 199]]);
        self::assertSame([Severity::Error, 200, 41], [$finding?->severity, $finding?->firstPhoto, $finding?->photoCount]);
        self::assertSame('checks.count_limit_below_photos.sentence(limit: 199, photos: 240)', (string) $finding?->sentence);
        // Of 240 photos 24 stand. 240 · 8 s = 32 min; in 199 photos that is 9.648 s each, and the timer has tenths.
        $fewer = $finding?->remedy('photos')?->mended;
        self::assertSame([175, 9.6], [$fewer?->timing->photos, $fewer?->timing->interval->longest()]);
        self::assertNull($finding?->remedy('endless')?->mended->trigger->countLimit);
        self::assertSame(240, $finding?->remedy('endless')?->mended->photosTotal());
        self::assertNull(self::found(FindingId::CountLimitBelowPhotos, ['/trigger' => ['count_limit' => 240]]));
    }

    public function testT10CountsWhatTheCamerasTimerIsSetTo(): void
    {
        $finding = self::found(FindingId::CountLimitBelowPhotos, ['/trigger' => ['by' => 'camera_timer', 'camera_photos' => 250, 'count_limit' => 245]]);
        self::assertSame('checks.count_limit_below_photos.sentence(limit: 245, photos: 250)', (string) $finding?->sentence);
        self::assertSame('checks.count_limit_below_photos.camera', (string) $finding?->title);
    }

    public function testL1TheFileCounterRollsOver(): void
    {
        // File 9900 is photo 1, so 9999 is photo 100 and 0001 is photo 101.
        $finding = self::found(FindingId::FileCounterRollsOver, ['/camera/next_file_number' => 9900]);
        self::assertSame([101, 140, Severity::Warning], [$finding?->firstPhoto, $finding?->photoCount, $finding?->severity]);
        self::assertSame(1, $finding?->remedies()[0]->mended->camera->nextFileNumber);
        self::assertNull(self::found(FindingId::FileCounterRollsOver, ['/camera/next_file_number' => 9760]), 'photo 240 is file 9999');
        self::assertSame(240, self::found(FindingId::FileCounterRollsOver, ['/camera/next_file_number' => 9761])?->firstPhoto);
        self::assertNull(self::found(FindingId::FileCounterRollsOver, []), 'nobody looked at the counter');
    }

    public function testL1MorePhotosThanTheCounterHasNumbers(): void
    {
        $finding = self::found(FindingId::FileCounterRollsOver, ['/timing/photos' => 10_000, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        self::assertSame([10_000, []], [$finding?->firstPhoto, $finding?->remedies()]);
    }

    public function testT11RampsThatTakeUpMostOfTheMove(): void
    {
        $finding = self::found(FindingId::RampReadTwoWays, ['/move/easing' => ['ramp_in' => 0.4, 'ramp_out' => 0.4]]);
        // 216 photos make 215 moves, of which 40 % are 86.
        self::assertSame(Severity::Info, $finding?->severity);
        self::assertSame('checks.ramp_read_two_ways.sentence(photos: 86, photos2: 86, rampIn: 40)', (string) $finding->sentence);
        $halved = $finding->remedy('total')?->mended;
        self::assertSame([0.2, 0.2, RampEntry::Total], [$halved?->move->easing->rampIn, $halved?->move->easing->rampOut, $halved?->rig->rampEntry]);
        self::assertSame(0.4, $finding->remedy('each_end')?->mended->move->easing->rampIn);
        self::assertNull(self::found(FindingId::RampReadTwoWays, ['/move/easing' => ['ramp_in' => 0.2, 'ramp_out' => 0.2]]));
        self::assertNull(self::found(FindingId::RampReadTwoWays, ['/move/easing' => ['ramp_in' => 0.4, 'ramp_out' => 0.4], '/rig/ramp_entry' => 'each_end']));
    }

    public function testT11AControllerThatHalvesCannotDoUnequalEnds(): void
    {
        $finding = self::found(FindingId::RampReadTwoWays, ['/move/easing' => ['ramp_in' => 0.3, 'ramp_out' => 0.1], '/rig/ramp_entry' => 'total']);
        self::assertSame(['checks.ramp_read_two_ways.one_ramp_shortfall(in: 30, out: 10)', Severity::Warning], [(string) $finding?->shortfall, $finding?->severity]);
        self::assertSame(0.2, $finding?->remedies()[0]->mended->move->easing->rampIn);
        self::assertNull(self::found(FindingId::RampReadTwoWays, ['/move/easing' => ['ramp_in' => 0.2, 'ramp_out' => 0.2], '/rig/ramp_entry' => 'total']));
    }

    public function testT20RampPhotosThatDoNotMove(): void
    {
        // A tilt of two degrees at 80 steps a degree: 160 steps in 215 moves, and a soft ramp begins with far less than one.
        $changes = ['/rig/axes/1/steps_per_unit' => 5000, '/rig/axes/2/steps_per_unit' => 80, '/move/easing' => ['ramp_in' => 0.5, 'ramp_out' => 0.5, 'shape' => 'quintic']];
        $finding = self::found(FindingId::StepBelowMotor, $changes);
        self::assertSame(Severity::Info, $finding?->severity);
        self::assertStringContainsString('tilt', (string) $finding->title);
        $steps = Schedule::of(Plans::with($changes))->moves->motorSteps['tilt'];
        self::assertSame(0, $steps[(int) $finding->firstPhoto - 1]);
        self::assertSame('ramp', $finding->remedies()[0]->key);
        // In a picture that shows less than half a pixel of a motor step, standing for one cannot be seen either.
        $wide = ['/optics' => Plans::OPTICS + ['focal_mm' => 12]];
        self::assertNull(self::found(FindingId::StepBelowMotor, $changes + $wide));
    }

    /**
     * @return iterable<string, array{FindingId, string, float, array<string, mixed>}>
     */
    public static function thresholds(): iterable
    {
        $optics = ['/optics' => Plans::OPTICS + ['focal_mm' => 35]];
        yield 'clip' => [FindingId::ClipTooShort, 'clip_s', 12, []];
        yield 'settling' => [FindingId::TooLittleSettling, 'settle_s', 0.9, []];
        yield 'crossing' => [FindingId::TooFastOnScreen, 'crossing_s', 200, $optics];
        yield 'parallax' => [FindingId::SlideDoesNotShow, 'parallax_share', 1, $optics + ['/move/keyframes/1/slide' => 200]];
        yield 'motor step' => [FindingId::StepBelowMotor, 'motor_step_px', 0.01, $optics];
        yield 'smear' => [FindingId::ContinuousSmear, 'smear_px', 0.01, $optics + ['/timing/mode' => 'continuous']];
        yield 'subject step' => [FindingId::IntervalTooLongForSubject, 'subject_step_share', 0.001, ['/optics' => Plans::OPTICS + ['focal_mm' => 35, 'subject_speed_m_s' => 0.02]]];
        yield 'blur share' => [FindingId::BlurShareTooSmall, 'blur_share', 0.3, ['/optics' => Plans::OPTICS + ['focal_mm' => 35, 'subject_speed_m_s' => 0.2], '/timing/exposure_s' => 2]];
        yield 'dragged' => [FindingId::ExposureDraggedForNothing, 'dragged_share', 0.05, ['/optics' => Plans::OPTICS + ['focal_mm' => 35, 'subject_speed_m_s' => 0.0001]]];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('thresholds')]
    public function testAShooterMayDiffer(FindingId $id, string $threshold, float $value, array $changes): void
    {
        self::assertNull(self::found($id, $changes), 'not by the usual threshold');
        self::assertNotNull(self::found($id, $changes + ['/thresholds' => [$threshold => $value]]));
    }
}
