<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\HorizonLeans;
use Evrent\Core\Checks\NotChecked;
use Evrent\Core\Checks\Report;
use Evrent\Core\Checks\SunInFrame;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\Assumptions;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Plan\Source;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Where the camera looks is not known until somebody has given it.
 */
final class FacingTest extends TestCase
{
    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with($changes + [
            '/site' => Plans::SITE, '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
            '/start' => ['event' => 'clock', 'at' => '17:45'],
        ]);
    }

    public function testOnATripodTheSunInTheFrameIsNotCheckedUntilItsBearingIsGiven(): void
    {
        $plan = self::plan();
        self::assertNull($plan->facing());
        self::assertNull((new SunInFrame())->find(Shot::of($plan)));
        self::assertContains(NotChecked::Facing, Report::on(Shot::of($plan))->verdict->notChecked);
        // The sun sets there at 273°.
        foreach (['272' => true, '90' => false, '0' => false] as $bearing => $isSeen) {
            $typed = (new PinnedPlan($plan))->typed(['rig' => ['base' => ['zero_bearing_deg' => (string) $bearing]]], [])->plan;
            self::assertSame((float) $bearing, $typed->facing());
            self::assertSame($isSeen, (new SunInFrame())->find(Shot::of($typed)) instanceof Finding, "{$bearing}°");
            self::assertNotContains(NotChecked::Facing, Report::on(Shot::of($typed))->verdict->notChecked);
            self::assertSame($typed->facing(), PlanReader::fromJson(PlanWriter::toJson($typed))->facing());
            $emptied = (new PinnedPlan($typed))->typed(['rig' => ['base' => ['zero_bearing_deg' => '']]], [])->plan;
            self::assertNull($emptied->facing());
        }
        $night = self::plan(['/start' => ['event' => 'clock', 'at' => '23:00']]);
        self::assertNotContains(NotChecked::Facing, Report::on(Shot::of($night))->verdict->notChecked, 'no sun to be in it');
    }

    public function testTurnedToAnArrowOfTheDayItIsKnown(): void
    {
        $faced = (new PinnedPlan(self::plan()))->named('face', ['bearing' => '0']);
        self::assertSame([0.0, Source::Typed, 'editing.face_bearing.done(bearing: 0)'], [$faced->plan->facing(), $faced->plan->provenance->of(Plan::FACING), (string) $faced->told]);
    }

    public function testStarsAreJudgedByTheWorstBearing(): void
    {
        $night = ['/start' => ['event' => 'clock', 'at' => '23:00'], '/timing/exposure_s' => 15, '/timing/interval_s' => 20];
        $unknown = StarTrails::over(Shot::of(self::plan($night)));
        self::assertNotNull($unknown);
        foreach ([0, 45, 90, 180, 270, 325] as $bearing) {
            $known = StarTrails::over(Shot::of(self::plan($night + ['/rig/base' => ['zero_bearing_deg' => $bearing]])));
            self::assertNotNull($known);
            self::assertLessThanOrEqual(max([0.0, ...$unknown->clipPixels]) + 1e-9, max([0.0, ...$known->clipPixels]), "{$bearing}°");
        }
    }

    /** By the worst bearing there is, no finding says that it takes the camera to face north. */
    public function testWhatTakesTheWorstBearingDoesNotSayThatItAssumesNorth(): void
    {
        $shot = Shot::of(self::plan(['/start' => ['event' => 'clock', 'at' => '23:00'], '/timing/exposure_s' => 60, '/timing/interval_s' => 66]));
        $finding = Report::on($shot)->finding(FindingId::StarsTrail);
        self::assertNotNull($finding);
        self::assertSame('checks.stars_trail.sentence_anywhere(exposureSeconds: 60, worst: 1, photoPixels: 17.5, byConstant: 20.833, byPitch: 5.494)', (string) $finding->sentence);
        self::assertNotContains(Plan::FACING, array_column((new Assumptions($shot->plan))->under($finding->id->about() ?? self::fail('It is of a plan.')), 'pointer'));
    }

    public function testASlideInclinedForItsLoadLeansThePictureUntilTheHeadIsSaidToBeLevel(): void
    {
        $inclined = Plans::with(['/optics' => Plans::OPTICS + ['focal_mm' => 24], '/load' => ['incline_deg' => 6]]);
        $finding = Report::on(Shot::of($inclined))->finding(FindingId::HorizonLeans);
        self::assertNotNull($finding);
        self::assertSame('checks.horizon_leans.changing(stands: checks.horizon_leans.unlevelled(offLevelDegrees: 6), worst: 6, swing: 1.09, risePixels: 76.883)', (string) $finding->sentence);
        self::assertContains('/rig/base/off_level_deg', array_column((new Assumptions($inclined))->under($finding->id->about() ?? self::fail('It is of a plan.')), 'pointer'), 'and that can be confirmed');
        $level = (new PinnedPlan($inclined))->named('confirm', ['values' => '/rig/base/off_level_deg'])->plan;
        self::assertNull(Report::on(Shot::of($level))->finding(FindingId::HorizonLeans));
        self::assertNull(Report::on(Shot::of(self::plan(['/load' => ['incline_deg' => 6]])))->finding(FindingId::HorizonLeans), 'a tripod has no slide');
    }

    public function testABaseOffLevelIsJudgedAcrossThePictureWhereNobodySaysWhichWayItLeans(): void
    {
        $finding = (new HorizonLeans())->find(Shot::of(self::plan(['/rig/base' => ['off_level_deg' => 1.2]])));
        self::assertNotNull($finding);
        // tan 1.2° of half of 1,920 px; 1 / (cos 1.2° + 16/9 · sin 1.2°).
        self::assertSame([FindingId::HorizonLeans, 'checks.horizon_leans.shortfall(edgePixels: 20.1)', 240], [$finding->id, (string) $finding->shortfall, $finding->photoCount]);
        self::assertSame(
            'checks.horizon_leans.constant(stands: checks.horizon_leans.off_level(offLevelDegrees: 1.2), worst: 1.2, x: 96.4)',
            (string) $finding->sentence,
        );
        $along = (new HorizonLeans())->find(Shot::of(self::plan(['/rig/base' => ['off_level_deg' => 1.2, 'toward_deg' => 90, 'zero_bearing_deg' => 90]])));
        self::assertNull($along, 'it leans the way the camera looks: the horizon is level');
    }

    public function testASlideAloneIsJudgedToo(): void
    {
        $finding = (new HorizonLeans())->find(Shot::of(Plans::with([
            '/optics' => Plans::OPTICS + ['focal_mm' => 24], '/move/keyframes/0/pan' => 0, '/move/keyframes/1/pan' => 0,
            '/rig/base' => ['off_level_deg' => 2, 'toward_deg' => 0, 'zero_bearing_deg' => 270],
        ])));
        self::assertSame('checks.horizon_leans.constant(stands: checks.horizon_leans.off_level(offLevelDegrees: 2), worst: 2, x: 94.2)', (string) ($finding->sentence ?? ''));
    }
}
