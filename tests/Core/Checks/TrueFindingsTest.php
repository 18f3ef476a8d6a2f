<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Clip\Clip;
use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Editing\PinnedRemedies;
use Evrent\Core\Editing\Pins;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Timing\IntervalMeaning;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Findings that once cried wolf or kept silent, each by its number.
 */
final class TrueFindingsTest extends TestCase
{
    private const OPTICS = ['/optics' => Plans::OPTICS + ['focal_mm' => 24]];

    /**
     * @param array<string, mixed> $changes
     */
    private static function report(array $changes): Report
    {
        return Report::on(Shot::of(Plans::with($changes)));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function found(FindingId $id, array $changes): Finding
    {
        $finding = self::report($changes)->finding($id);
        self::assertNotNull($finding, "{$id->value} is not found");

        return $finding;
    }

    public function testT9AsksWhatMoves(): void
    {
        // 1 m/s at 20 m is 64 px a second: 512 px in 8 s, 27 % of 1920.
        $boat = self::OPTICS + ['/optics/subject_speed_m_s' => 1];
        self::assertSame('checks.interval_too_long_for_subject.shortfall(share: 26.667)', (string) self::found(FindingId::IntervalTooLongForSubject, $boat)->shortfall);
        self::assertNull(self::report($boat + ['/optics/subject_kind' => 'stream'])->finding(FindingId::IntervalTooLongForSubject), 'half the frame is the limit of a stream');
        // 2 m/s: 53 %. Open for a tenth of the interval it jumps; for a fifth it flows.
        $traffic = self::OPTICS + ['/optics/subject_speed_m_s' => 2, '/optics/subject_kind' => 'stream'];
        self::assertSame('checks.interval_too_long_for_subject.flow(seconds: 8, share: 53.333, more: )', (string) self::found(FindingId::IntervalTooLongForSubject, $traffic)->sentence);
        self::assertNull(self::report($traffic + ['/timing/exposure_s' => 1.6])->finding(FindingId::IntervalTooLongForSubject));
    }

    /** 180° in 400 photos with ramps of 20 %: 180/399 · 1.25 = 0.5639° a photo; 73.74/(0.5639 · 24) = 5.45 s. */
    public function testT12CountsByTheFieldOfView(): void
    {
        $finding = self::found(FindingId::TooFastOnScreen, self::OPTICS + ['/timing/photos' => 400, '/move/keyframes/0/pan' => -90, '/move/keyframes/1/pan' => 90, '/rig/axes/1/max_speed' => 30]);
        self::assertSame('checks.too_fast_on_screen.shortfall(crossing: 5.449)', (string) $finding->shortfall);
        // A slide by its width at the distance: 2 · 20 · 18/24 = 30 m take 2,000 photos of 15 mm, 83 s.
        self::assertNull(self::report(self::OPTICS + ['/move/keyframes/1/pan' => -14])->finding(FindingId::TooFastOnScreen));
        $near = self::OPTICS + ['/optics/subject_m' => 2, '/move/keyframes/1/pan' => -14];
        // 3 m wide at 2 m: 4.767 mm a photo cross it in 3000/4.767/24 = 26 s.
        self::assertNull(self::report($near)->finding(FindingId::TooFastOnScreen));
        self::assertSame('checks.too_fast_on_screen.shortfall(crossing: 26.22)', (string) self::found(FindingId::TooFastOnScreen, $near + ['/thresholds' => ['crossing_s' => 30]])->shortfall);
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string, ?string}>
     */
    public static function dials(): iterable
    {
        $keys = ['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 2]]];
        yield 'keyed, and nobody turns the dial' => [$keys + ['/camera/exposure_timed_by' => 'camera'], '6 click', 'fixes.controller_bulb'];
        yield '1/500 s by the controller' => [
            ['/timing/exposure_s' => 0.002, '/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'bulb'], 'checks.exposure_not_as_planned.short_bulb_shortfall(shortest: 0.002)', 'checks.exposure_not_as_planned.by_camera',
        ];
        yield 'aperture priority on manual' => [
            ['/light' => ['control' => 'aperture_priority'], '/camera/dial' => 'manual'], 'checks.exposure_not_as_planned.not_alike', 'checks.exposure_not_as_planned.dial_set(x: timing.dial.aperture_priority)',
        ];
        yield 'manual on aperture priority' => [
            ['/light' => ['iso' => 100], '/camera/exposure_timed_by' => 'camera', '/camera/dial' => 'aperture_priority'], 'checks.exposure_not_as_planned.not_alike', 'checks.exposure_not_as_planned.dial_manual',
        ];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('dials')]
    public function testT4TellsOfDials(array $changes, string $shortfall, ?string $remedy): void
    {
        $finding = self::found(FindingId::ExposureNotAsPlanned, $changes);
        self::assertSame([$shortfall, $remedy], [(string) $finding->shortfall, ($finding->remedies()[0] ?? null)?->label->__toString()]);
    }

    public function testT4IsSilentWhereSomebodyTurnsNothing(): void
    {
        self::assertNull(self::report(['/timing/exposure_s' => 0.002, '/camera/exposure_timed_by' => 'camera', '/camera/dial' => 'manual'])->finding(FindingId::ExposureNotAsPlanned));
        self::assertNull(self::report(['/light' => ['control' => 'aperture_priority'], '/camera/exposure_timed_by' => 'camera', '/camera/dial' => 'aperture_priority'])->finding(FindingId::ExposureNotAsPlanned));
        self::assertNull(self::report(['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 0.6]], '/camera/exposure_timed_by' => 'camera'])->finding(FindingId::ExposureNotAsPlanned));
    }

    public function testT1T2T6AreOneCard(): void
    {
        // The rig needs 2.42 s; the card 2.5 s a photo with a buffer of one.
        $report = self::report(['/timing/interval_s' => 1.5, '/camera/write_s' => 2.5, '/camera/buffer_frames' => 1]);
        $alike = [FindingId::IntervalTooShortForRig, FindingId::IntervalTooShortForCamera, FindingId::ControllerStretchesInterval];
        self::assertSame([$alike[0]], array_values(array_filter(array_column($report->findings, 'id'), static fn (FindingId $id): bool => in_array($id, $alike, true))));
        self::assertSame([FindingId::IntervalTooShortForCamera, FindingId::ControllerStretchesInterval], array_column($report->findings[0]->alike, 'id'));
        self::assertSame(FindingId::IntervalTooShortForRig, $report->toldWith($report->finding(FindingId::ControllerStretchesInterval) ?? self::fail('T6 is gone'))?->id);
    }

    /** 240 photos at 1.5 s are 6 minutes; at 2.5 s they are 10, whatever the run would have stretched to. */
    public function testT1CountsItsCostFromWhatWasAsked(): void
    {
        $finding = self::found(FindingId::IntervalTooShortForRig, ['/timing/interval_s' => 1.5]);
        self::assertSame('units.semicolon(first: checks.cost.keeps(kept: [checks.cost.kept_clip, checks.cost.kept_exposure, checks.cost.kept_framing]), last: checks.cost.more(extra: 240))', (string) $finding->remedy('interval')?->costs);
    }

    public function testARemedyThatKeepsAllPinsComesFirstAndTheOthersSayWhichTheyBreak(): void
    {
        $pins = new Pins(Figure::Interval, 240, null, 528.0, typed: [Figure::Photos, Figure::Shooting]);
        $pinned = new PinnedPlan(Plans::with(['/timing/interval_s' => 2.2]), $pins);
        $remedies = PinnedRemedies::of($pinned, Report::on(Shot::of($pinned->plan))->finding(FindingId::IntervalTooShortForRig) ?? self::fail('T1 is not found'));
        self::assertSame(['exposure', 'way', 'continuous', 'interval'], array_map(static fn (array $one): string => $one['remedy']->key, $remedies));
        self::assertSame([], $remedies[0]['givesWay']);
        self::assertSame('editing.pinned_plan.photos_give(is: 211, was: 240)', implode(' ', $remedies[3]['givesWay']));
        // The time on site stays, and so fewer photos fit: what is said is what comes of it.
        self::assertSame('units.semicolon(first: checks.cost.keeps(kept: [checks.cost.kept_shooting, checks.cost.kept_exposure, checks.cost.kept_framing]), last: checks.cost.clip(after: 8.792, before: 10))', (string) $remedies[3]['costs']);
        self::assertStringNotContainsString('longer', (string) $remedies[3]['costs']);
    }

    public function testT15StaysOnTheMarksAndWithinLensAndBag(): void
    {
        $noon = ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:30'], '/timing/exposure_s' => 0.8];
        $finding = self::found(FindingId::DaylightOverexposes, $noon + ['/light' => ['aperture' => 8, 'iso' => 200, 'filters' => [3, 6]]]);
        $labels = array_column($finding->remedies(), 'label', 'key');
        self::assertSame(
            'checks.daylight_overexposes.filters(x: [checks.daylight_overexposes.nd_of(stops: 3 stop), checks.daylight_overexposes.nd_of(stops: 6 stop)])',
            (string) ($labels['nd'] ?? ''),
        );
        self::assertMatchesRegularExpression('~^fixes\.expose\(told: checks\.exposing\.plain\(seconds: 0\.00\d+\)\)$~', (string) ($labels['exposure'] ?? ''));
        self::assertArrayNotHasKey('aperture', $labels, 'nine stops are beyond any ring');
    }

    public function testT16ByFocalLengthAloneWhereNothingElseIsKnown(): void
    {
        // 500/24 = 20.8 s.
        $stars = self::OPTICS + ['/timing/exposure_s' => 25, '/timing/interval_s' => 40];
        $finding = self::found(FindingId::StarsTrail, $stars + ['/light' => ['exposed_for' => 'sky']]);
        self::assertSame(Severity::Warning, $finding->severity);
        self::assertSame('checks.stars_trail.by_focal_length(focalMillimetres: 24, most: 20.833)', (string) $finding->sentence);
        self::assertSame('checks.stars_trail.shorter(told: checks.exposing.plain(seconds: 20))', (string) $finding->remedies()[0]->label);
        self::assertSame(Severity::Info, self::found(FindingId::StarsTrail, $stars)->severity);
        self::assertNull(self::report($stars + ['/light' => ['lamps_lux' => 40]])->finding(FindingId::StarsTrail), 'a street has no stars to trail');
        self::assertNull(self::report(['/timing/exposure_s' => 20] + $stars)->finding(FindingId::StarsTrail));
    }

    public function testT23LeavesAStarfieldInPeaceAndTellsOfOneThatIsWrong(): void
    {
        $night = self::OPTICS + [
            '/site' => ['date' => '2027-04-07', 'sky_mag' => 21.6] + Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:30'], '/timing/interval_s' => 32,
            '/timing/exposure_s' => 20, '/optics/focal_mm' => 14, '/move/keyframes/0/tilt' => 40, '/move/keyframes/1/tilt' => 40,
        ];
        $right = self::report($night + ['/light' => ['exposed_for' => 'sky', 'aperture' => 2.8, 'iso' => 3200]]);
        self::assertNull($right->finding(FindingId::LightRunsOut));
        self::assertNull($right->finding(FindingId::DaylightOverexposes));
        $wrong = self::found(FindingId::LightRunsOut, $night + ['/light' => ['exposed_for' => 'sky', 'aperture' => 8, 'iso' => 100, 'widest_aperture' => 2.0]]);
        self::assertSame(Severity::Error, $wrong->severity);
        self::assertSame('checks.light_runs_out.open_and_iso(aperture: 2, iso: 1000)', (string) (array_column($wrong->remedies(), 'label', 'key')['iso'] ?? ''));
        // Lighter than wanted, but no highlight is gone: a check, not a spoilt shot.
        $suburb = self::found(FindingId::DaylightOverexposes, ['/site' => ['date' => '2027-04-07', 'sky_mag' => 19.5] + Plans::SITE] + $night
            + ['/light' => ['exposed_for' => 'sky', 'aperture' => 2.8, 'iso' => 3200]]);
        self::assertSame([Severity::Warning, 'checks.daylight_overexposes.shortfall(stops: 2.7 stop)'], [$suburb->severity, (string) $suburb->shortfall]);
        $noon = self::found(FindingId::DaylightOverexposes, ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:30'], '/timing/exposure_s' => 1, '/light' => ['aperture' => 2.8]]);
        self::assertSame(Severity::Error, $noon->severity);
    }

    public function testL5OnlyWhereTheCropTakesWhatAKeyframeNeeds(): void
    {
        // 16:9 leaves 84.4 % of the height of 3:2.
        self::assertNull(self::report(self::OPTICS)->finding(FindingId::CropCutsFraming));
        self::assertNull(self::report(self::OPTICS + ['/move/keyframes/1/subject_height' => 0.84])->finding(FindingId::CropCutsFraming));
        $finding = self::found(FindingId::CropCutsFraming, self::OPTICS + ['/move/keyframes/1/subject_height' => 0.95]);
        self::assertSame('checks.crop_cuts_framing.shortfall(cut: 10.6, across: checks.crop_cuts_framing.height, peg: B)', (string) $finding->shortfall);
        self::assertSame('checks.crop_cuts_framing.sentence(peg: A, left: 50, across: checks.crop_cuts_framing.width, outputWidthPixels: 1080, outputHeightPixels: 1920, left2: 37.5, sides: checks.crop_cuts_framing.sides)', (string) self::found(FindingId::CropCutsFraming, self::OPTICS + [
            '/optics/output_width_px' => 1080, '/optics/output_height_px' => 1920, '/move/keyframes/0/subject_width' => 0.5,
        ])->sentence);
    }

    public function testE5TheBestFramingComesFirst(): void
    {
        self::assertNull(self::report(['/move/keyframes/0/matters_most' => true])->finding(FindingId::BestFramingComesLate));
        $finding = self::found(FindingId::BestFramingComesLate, ['/move/keyframes/1/matters_most' => true]);
        self::assertSame('checks.best_framing_comes_late.shortfall(peg: B, photo: 228, photos: 240)', (string) $finding->shortfall);
        // Asked: the clip as it was meant, with time running backwards in it, or time as it runs.
        [$both, $alone] = $finding->remedies();
        $mended = $both->mended;
        self::assertTrue($mended->move->keyframes[0]->mattersMost);
        self::assertTrue(Clip::begun($mended)->isReversed);
        self::assertSame('units.semicolon(first: units.semicolon(first: checks.cost.keeps(kept: [checks.cost.kept_clip, checks.cost.kept_shooting, checks.cost.kept_interval, checks.cost.kept_exposure]), last: checks.cost.framing), last: checks.best_framing_comes_late.same_order)', (string) $both->costs);
        self::assertFalse(Clip::begun($alone->mended)->isReversed);
        self::assertEquals($mended->move, $alone->mended->move);
        self::assertFalse((new PinnedPlan($mended))->named('swap', [])->plan->timing->playsBackwards, 'turned back by hand it is right as it is shot');
        self::assertNull(Report::on(Shot::of($mended))->finding(FindingId::BestFramingComesLate));
    }

    /** Clip and shooting time pinned, a move that does not fit is mended by another move; camera and card have room in all of these. */
    public function testWhereClipAndTimeArePinnedAMoveThatDoesNotFitHasAWayOut(): void
    {
        $tried = 0;
        foreach (range(1, 300) as $seed) {
            $plan = Plans::ofSeed($seed, 50);
            if (!$plan->timing->mode->hasClock() || !$plan->timing->exposure->isConstant() || $plan->timing->intervalMeans !== IntervalMeaning::StartToStart) {
                continue;
            }
            $pinned = new PinnedPlan($plan);
            foreach (['photos', 'shooting'] as $figure) {
                $edited = $pinned->typed([], ['pin' => $figure]);
                $pinned = new PinnedPlan($edited->plan, $edited->pins);
            }
            $edited = $pinned->typed([], ['shooting' => (string) max(20.0, round(0.35 * ($pinned->pins->shootingSeconds ?? 60.0)))]);
            $pinned = new PinnedPlan($edited->plan, $edited->pins);
            $finding = Report::on(Shot::of($pinned->plan))->finding(FindingId::IntervalTooShortForRig);
            $room = 0.8 * $pinned->plan->timing->interval->longest();
            $camera = $pinned->plan->camera;
            if (
                $finding === null || !$pinned->plan->timing->interval->isConstant() || $camera->writeSeconds > $room
                || $camera->shutterLagSeconds + $camera->shutterBusySeconds($plan->timing->exposure->longest()) > $room
            ) {
                continue;
            }
            $tried++;
            self::assertNotSame([], PinnedRemedies::of($pinned, $finding), "seed {$seed}");
        }
        self::assertGreaterThan(0, $tried);
    }

    /** Where nothing can be pressed, it is said why. */
    public function testWithoutARemedyItIsSaidWhatToDo(): void
    {
        $pinned = new PinnedPlan(Plans::with(['/timing/interval_s' => 0.3, '/camera/write_s' => 4, '/camera/buffer_frames' => 1]));
        foreach (['photos', 'shooting'] as $figure) {
            $edited = $pinned->typed([], ['pin' => $figure]);
            $pinned = new PinnedPlan($edited->plan, $edited->pins);
        }
        $finding = Report::on(Shot::of($pinned->plan))->findings[0];
        self::assertSame([], PinnedRemedies::of($pinned, $finding));
        self::assertSame('editing.pinned_remedies.pinned(named: [editing.figure.photos, editing.figure.shooting])', (string) PinnedRemedies::whyNone($pinned->pins));
    }
}
