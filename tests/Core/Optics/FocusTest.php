<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\NearestOutOfFocus;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Light\Light;
use Evrent\Core\Optics\Focus;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\TestPhoto;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What is sharp: a 20 mm lens at f/8 on 36 × 24 mm. d = 43.267 mm, c = d / 1,500 = 0.0288 mm; H = 400 / (8 · 0.0288) + 20 = 1,753 mm.
 */
final class FocusTest extends TestCase
{
    public function testCircleAndHyperfocalDistance(): void
    {
        $focus = self::focus();
        self::assertEqualsWithDelta(0.0288, $focus->circleMillimetres, 0.00005);
        self::assertEqualsWithDelta(1.75, $focus->hyperfocalMetres, 0.005);
        self::assertSame(0.03, self::focus(['circle_mm' => 0.03])->circleMillimetres);
    }

    /** Focused at the hyperfocal distance all is sharp from half of it on. */
    public function testWhatIsSharp(): void
    {
        $focus = self::focus();
        self::assertEqualsWithDelta($focus->hyperfocalMetres / 2.0, $focus->nearMetres($focus->hyperfocalMetres), 0.001);
        self::assertSame(INF, $focus->farMetres($focus->hyperfocalMetres));
        // At 1 m: near 1 · 1.733 / 2.713 = 0.639 m, far 1.733 / 0.753 = 2.30 m.
        self::assertEqualsWithDelta([0.639, 2.30], [$focus->nearMetres(1.0), $focus->farMetres(1.0)], 0.005);
        foreach ([0.4, 0.7, 0.87, 2.0] as $near) {
            $at = (float) $focus->metresFor($near);
            self::assertLessThanOrEqual($near + 1e-6, min($near, $focus->nearMetres($at)), "for {$near}");
            self::assertLessThanOrEqual($focus->hyperfocalMetres, $at);
        }
        self::assertNull($focus->metresFor(0.02));
    }

    /** One to one, at twice the focal length, a lens at f/8 lets in what f/16 does. */
    public function testCloseUp(): void
    {
        self::assertEqualsWithDelta([1.0, 16.0], [self::focus()->magnification(0.04), self::focus()->effectiveAperture(0.04)], 1e-9);
    }

    public function testF1TheNearestThingIsOutOfFocusAndIsMended(): void
    {
        $finding = self::finding(['focus_m' => 5, 'foreground_m' => 0.8, 'subject_m' => 5]);
        self::assertNotNull($finding);
        self::assertSame(FindingId::NearestOutOfFocus, $finding->id);
        self::assertSame('checks.nearest_out_of_focus.sentence(distanceText: 5 m, focalMillimetres: 20, aperture: 8, distanceText2: 1.29 m, distanceText3: 0.8 m)', (string) $finding->sentence);
        $mended = $finding->remedies()[0]->mended;
        self::assertNull(Report::on(Shot::of($mended))->finding(FindingId::NearestOutOfFocus));
        self::assertNull(self::finding(['focus_m' => 1.75, 'foreground_m' => 0.9]));
        self::assertNull(self::finding(['foreground_m' => 0.1, 'subject_m' => 5]), 'nobody said where it is focused');
    }

    /**
     * 50 mm at f/2, focused at 10 m: m = 50 / 9950; a point at 1 m is 25 · m · 9 = 1.131 mm wide, 39 circles of 0.0288 mm; at 5 m 25 · m · 1 =
     * 0.126 mm, 4.4 circles.
     */
    public function testSoftOnPurposeIsFarOutOfFocus(): void
    {
        $plan = self::plan(['focal_mm' => 50, 'focus_m' => 10, 'foreground_m' => 1, 'subject_m' => 10, 'foreground_is' => 'soft'])->with(['light' => new Light(2.0)]);
        assert($plan->optics !== null);
        $focus = new Focus($plan->optics, 2.0);
        self::assertEqualsWithDelta(39.2, $focus->circlesAt(1.0, 10.0), 0.1);
        self::assertEqualsWithDelta(4.35, $focus->circlesAt(5.0, 10.0), 0.05);
        self::assertSame([true, false], [$focus->isSoft(1.0, 10.0), $focus->isSoft(5.0, 10.0)]);
        self::assertNull(Report::on(Shot::of($plan))->finding(FindingId::NearestOutOfFocus));
        $between = $plan->withOptics($plan->optics->with(['foregroundMetres' => 5.0]));
        $finding = Report::on(Shot::of($between))->finding(FindingId::NearestOutOfFocus);
        self::assertSame(['checks.nearest_out_of_focus.neither', 'checks.nearest_out_of_focus.circles(circles: 4.4)'], [(string) $finding?->title, (string) $finding?->shortfall]);
    }

    public function testItIsToldInASentence(): void
    {
        self::assertSame(
            'units.sentences(first: units.sentences(first: checks.nearest_out_of_focus.hyperfocal(aperture: 8, circleMillimetres: 0.0288, distanceText: 1.75 m), last: checks.nearest_out_of_focus.focused_sharp(distance: 1 m, zone: checks.nearest_out_of_focus.zone(distanceText: 0.64 m, part: 2.3 m))), last: checks.nearest_out_of_focus.for_foreground(distanceText: 1.75 m, set: checks.nearest_out_of_focus.zone(distanceText: 0.88 m, part: checks.nearest_out_of_focus.horizon)))',
            (string) NearestOutOfFocus::told(self::plan(['focus_m' => 1]), Shot::of(self::plan([]))->units),
        );
    }

    /**
     * @return iterable<string, array{string, float, string}>
     */
    public static function bad(): iterable
    {
        yield 'no distance' => ['focus_m', 0.0, '/optics/focus_m'];
        yield 'behind the camera' => ['focus_m', -2.0, '/optics/focus_m'];
        yield 'no circle' => ['circle_mm', 0.0, '/optics/circle_mm'];
        yield 'a circle as large as a coin' => ['circle_mm', 20.0, '/optics/circle_mm'];
    }

    #[DataProvider('bad')]
    public function testBadInputIsToldByItsField(string $field, float $value, string $pointer): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($pointer);
        self::plan([$field => $value]);
    }

    /** 16 s at ISO 2,000 is 2 s at 16,000; a body that goes no higher takes what the shot takes. */
    public function testAPhotoToFrameByInTheDark(): void
    {
        self::assertEqualsWithDelta(2.0, TestPhoto::seconds(16.0, 2_000.0, 16_000.0), 1e-12);
        self::assertSame(16.0, TestPhoto::seconds(16.0, 2_000.0, 1_600.0));
        $told = static fn (float $seconds): string => (string) TestPhoto::told(Schedule::of(Plans::with([
            '/light' => ['aperture' => 2, 'iso' => 2_000, 'highest_iso' => 16_000], '/timing/exposure_s' => $seconds, '/timing/interval_s' => 30,
        ])));
        self::assertSame(['shot.test_photo(seconds: 2, iso: 16000)', ''], [$told(16.0), $told(0.5)]);
    }

    /**
     * @param array<string, float|int|string> $optics
     */
    private static function focus(array $optics = []): Focus
    {
        $plan = self::plan($optics);
        assert($plan->optics !== null);

        return new Focus($plan->optics, 8.0);
    }

    /**
     * @param array<string, float|int|string> $optics
     */
    private static function finding(array $optics): ?Finding
    {
        return Report::on(Shot::of(self::plan($optics)))->finding(FindingId::NearestOutOfFocus);
    }

    /**
     * @param array<string, float|int|string> $optics
     */
    private static function plan(array $optics): Plan
    {
        return Plans::with(['/optics' => $optics + ['focal_mm' => 20] + Plans::OPTICS, '/light' => ['aperture' => 8, 'iso' => 100]]);
    }
}
