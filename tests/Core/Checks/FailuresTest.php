<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Check;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Mending;
use Evrent\Core\Checks\Remedy;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Messages\Message;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Each way to spoil a shoot is found, with its number, photo and size, and its remedies clear it.
 */
final class FailuresTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes by JSON pointer
     */
    private static function found(FindingId $id, array $changes): Finding
    {
        $finding = Report::on(Shot::of(Plans::with($changes)))->finding($id);
        self::assertNotNull($finding, "{$id->value} is not found");

        return $finding;
    }

    public function testAPlanThatWorksHasNoFinding(): void
    {
        $report = Report::on(Shot::of(Plans::example('1-two-keyframes')));
        self::assertSame([], $report->findings);
        self::assertTrue($report->works());
    }

    public function testT1IntervalShorterThanExposureMoveAndSettling(): void
    {
        // Cruising photos need 0.06 + 0.8 + 0.2 + 2·√(4.767/60) + 0.8 = 2.424 s.
        $finding = self::found(FindingId::IntervalTooShortForRig, ['/timing/interval_s' => 2.2]);
        self::assertSame(Severity::Error, $finding->severity);
        self::assertSame('checks.interval_too_short_for_rig.short(shortBy: 0.224)', (string) $finding->shortfall);
        self::assertSame('checks.interval_too_short_for_rig.rig_sentence(worst: 56, rigSeconds: 2.424, intervalSeconds: 2.2)', (string) $finding->sentence);
        self::assertSame('fixes.interval_s(seconds: 2.5)', (string) $finding->remedies()[0]->label);
        self::assertSame(['interval', 'exposure', 'way', 'continuous'], array_column($finding->remedies(), 'key'));
        self::assertGreaterThan(13, $finding->firstPhoto);
        self::assertNull(Report::on(Shot::of(Plans::with(['/timing/interval_s' => 2.5])))->finding(FindingId::IntervalTooShortForRig));
    }

    public function testT1InContinuousModeCountsTheShutterAlone(): void
    {
        $plan = ['/timing/mode' => 'continuous', '/timing/exposure_s' => 4, '/timing/interval_s' => 3.9, '/camera/write_s' => 0];
        self::assertSame('checks.interval_too_short_for_rig.short(shortBy: 0.16)', (string) self::found(FindingId::IntervalTooShortForRig, $plan)->shortfall);
    }

    public function testT2BufferFillsAfterSoManyPhotos(): void
    {
        // Each photo takes 3 s to write and comes every 2.5 s: 0.5 s is lost a photo. The first is on the card at
        // 0.06 + 0.8 + 3 = 3.86 s. With 3 places, photo n + 1 needs photo n - 2, which ends at 3.86 + 3(n - 3):
        // first later than 2.5n when 0.5n > 5.14, at n = 11.
        $finding = self::found(FindingId::IntervalTooShortForCamera, ['/timing/interval_s' => 2.5, '/camera/write_s' => 3, '/camera/buffer_frames' => 3]);
        self::assertSame(11, $finding->firstPhoto);
        self::assertSame('checks.interval_too_short_for_camera.write_sentence(photos: 3, writeSeconds: 3, first: 11, interval: 2.5)', (string) $finding->sentence);
        // A card that takes 5 % longer on a bad day still keeps up then: 3.15 s.
        self::assertSame('fixes.interval_s(seconds: 3.2)', (string) $finding->remedies()[0]->label);
    }

    public function testT2NamesTheSettingOfTheCamera(): void
    {
        $finding = self::found(FindingId::IntervalTooShortForCamera, [
            '/camera/set_s' => 9, '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 0.63]],
        ]);
        self::assertSame('checks.interval_too_short_for_camera.set', (string) $finding->title);
        self::assertSame('checks.interval_too_short_for_camera.set_sentence(first: 95, set: 9, needed: 9.808, interval: 8)', (string) $finding->sentence);
    }

    public function testT2NamesTheShutterWhenNoiseReductionKeepsItBusy(): void
    {
        $finding = self::found(FindingId::IntervalTooShortForCamera, ['/timing/exposure_s' => 5, '/camera/long_exposure_noise_reduction' => true]);
        self::assertSame('checks.interval_too_short_for_camera.shutter_sentence(first: 1, shutter: 10.06, interval: 8)', (string) $finding->sentence);
        self::assertSame(1, $finding->firstPhoto);
    }

    public function testT6ControllerStretchesInSilence(): void
    {
        $schedule = Schedule::of(Plans::example('3-overrun-with-hold'));
        $finding = Report::on(Shot::on($schedule))->finding(FindingId::ControllerStretchesInterval);
        self::assertNotNull($finding);
        self::assertSame('checks.controller_stretches_interval.shortfall(late: 33.398)', (string) $finding->shortfall);
        self::assertSame(92, $finding->photoCount);
        self::assertSame('checks.controller_stretches_interval.sentence(stretched: 92, photosTotal: 117 interval, late: 33.398, x: 3.8)', (string) $finding->sentence);
        self::assertSame('checks.mending.pause(seconds: 2.1)', (string) $finding->remedies()[0]->label);
    }

    public function testT8ClipTooShortToTrim(): void
    {
        $finding = self::found(FindingId::ClipTooShort, ['/timing/photos' => 120]);
        self::assertSame(Severity::Warning, $finding->severity);
        self::assertSame('checks.clip_too_short.under(tight: 4, tight2: 10)', (string) $finding->shortfall);
        self::assertSame('checks.clip_too_short.add(x: checks.clip_too_short.to_move(photos: 96))', (string) $finding->remedies()[0]->label);
    }

    public function testT8NoStandingPhotosAtTheEnds(): void
    {
        $finding = self::found(FindingId::ClipTooShort, ['/timing/photos' => 400, '/timing/head_photos' => 0, '/timing/tail_photos' => 0]);
        self::assertSame(Severity::Info, $finding->severity);
        self::assertSame('checks.clip_too_short.none(ends: checks.clip_too_short.before_or_after)', (string) $finding->shortfall);
        self::assertSame(24, $finding->remedies()[0]->mended->timing->headPhotos);
        self::assertSame(400, $finding->remedies()[0]->mended->timing->photos);
    }

    public function testT21MoveBeyondTheTravel(): void
    {
        $finding = self::found(FindingId::BeyondTravel, ['/move/keyframes/1/slide' => 1260.5]);
        self::assertSame('checks.beyond_travel.shortfall(excess: 60.5 mm)', (string) $finding->shortfall);
        self::assertSame('checks.beyond_travel.sentence(worst: axes.slide, min: 0, max: 1200 mm, photos: 40, excess: 60.5 mm)', (string) $finding->sentence);
        self::assertSame(1200.0, $finding->remedies()[0]->mended->move->keyframes[1]->positions['slide']);
        self::assertGreaterThan(200, $finding->firstPhoto);
    }

    public function testT22StepThatTakesLongerThanTheInterval(): void
    {
        $finding = self::found(FindingId::FasterThanAxis, ['/rig/axes/1/max_speed' => 0.02]);
        self::assertStringContainsString('pan', (string) $finding->title);
        self::assertSame(Severity::Error, $finding->severity);
        self::assertNull(Report::on(Shot::of(Plans::with(['/rig/axes/1/max_speed' => 0.5])))->finding(FindingId::FasterThanAxis));
    }

    public function testT22SpeedAboveTheAxisOwnInContinuousMode(): void
    {
        // 4.767 mm in 8 s is 0.596 mm/s.
        $finding = self::found(FindingId::FasterThanAxis, ['/timing/mode' => 'continuous', '/rig/axes/0/max_speed' => 0.5]);
        self::assertSame('checks.faster_than_axis.shortfall(ratio: 1.2)', (string) $finding->shortfall);
        self::assertSame(9.6, $finding->remedies()[0]->mended->timing->interval->longest());
    }

    public function testTheWorstComesFirst(): void
    {
        $report = Report::on(Shot::of(Plans::with(['/timing/photos' => 100, '/timing/interval_s' => 1.2, '/move/keyframes/0/tilt' => 90])));
        self::assertSame([FindingId::IntervalTooShortForRig, FindingId::BeyondTravel, FindingId::ClipTooShort], array_column($report->findings, 'id'));
        self::assertSame([FindingId::IntervalTooShortForRig, FindingId::ControllerStretchesInterval, FindingId::BeyondTravel, FindingId::ClipTooShort], array_column($report->all(), 'id'));
        self::assertFalse($report->works());
    }

    public function testEveryCheckTakesPart(): void
    {
        $classes = [];
        $files = glob(dirname(__DIR__, 3) . '/core/Checks/*.php');
        self::assertIsArray($files);
        foreach ($files as $file) {
            $class = 'Evrent\Core\Checks\\' . basename($file, '.php');
            if (class_exists($class) && is_subclass_of($class, Check::class)) {
                $classes[] = $class;
            }
        }
        self::assertEqualsCanonicalizing($classes, Report::CHECKS);
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(80);
    }

    #[DataProvider('plans')]
    public function testTheLongerIntervalIsTheShortestThatWorks(Plan $plan): void
    {
        $schedule = Schedule::of($plan);
        $remedy = Report::on(Shot::on($schedule))->finding(FindingId::ControllerStretchesInterval)?->remedy('interval');
        if ($remedy === null) {
            $longer = Mending::longerInterval(Shot::on($schedule), $schedule->wouldKeepTime(...));
            // It is not offered where there is none, or where what comes of it is worse: a battery that dies, say.
            $comes = $longer === null ? [] : Report::on(Shot::of($longer->mended))->findings;
            self::assertTrue($schedule->summary->fits() || $longer === null || ($comes[0]->severity ?? null) === Severity::Error);

            return;
        }
        $shorter = $remedy->mended->timing->interval->map(static fn (float $seconds): float => $seconds - 0.1);
        self::assertFalse($schedule->wouldKeepTime($plan->withInterval($shorter)));
    }

    public function testRemediesAreWorkedOutOnceWhenAskedForAndAFailureLeavesTheFinding(): void
    {
        $times = 0;
        $remedy = new Remedy('wait', new Message('wait'), '', Plans::with([]));
        $finding = new Finding(FindingId::IntervalTooShortForRig, new Message('title'), '1 s', '', 1, 1, static function () use (&$times, $remedy): array {
            $times++;

            return [$remedy];
        });
        self::assertSame(0, $times);
        self::assertSame([$remedy], $finding->remedies());
        self::assertSame([$remedy, null], [$finding->remedy('wait'), $finding->remedy('run')]);
        self::assertSame([1, null], [$times, $finding->failure()]);
        $failing = new Finding(FindingId::IntervalTooShortForRig, new Message('title'), '1 s', '', 1, 1, static fn (): array => throw new \LogicException('no'));
        self::assertSame([[], 'no'], [$failing->remedies(), $failing->failure()?->getMessage()]);
        self::assertSame([], (new Finding(FindingId::IntervalTooShortForRig, new Message('title'), '1 s', '', null, 0))->remedies());
    }

    public function testACheckThatFailsIsALineOfItsOwnAndTheOthersStand(): void
    {
        $schedule = Schedule::of(Plans::with(['/timing/interval_s' => 2.2]));
        $report = Report::on(Shot::on($schedule), [...Report::CHECKS, CheckThatFails::class]);
        self::assertCount(1, $report->failures);
        self::assertNotNull($report->finding(FindingId::IntervalTooShortForRig));
        $line = $report->finding(FindingId::NotJudged);
        self::assertSame(['checks.report.unjudged(count: 1)', 'CheckThatFails', Severity::Warning], [(string) $line?->title, (string) $line?->shortfall, $line?->severity]);
    }
}
