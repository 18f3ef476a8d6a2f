<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Shot\Limits;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Runner\Cases;

/**
 * What is said fits what stands there: no word of a rig on a tripod, and the cause that counts.
 */
final class WordsForRigsTest extends TestCase
{
    private const TRIPOD = ['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]];

    public function testOnATripodNothingSaysRigMotorOrMove(): void
    {
        foreach (Cases::numbers(300) as $seed) {
            $plan = Plans::ofSeed($seed, 50);
            $still = Plans::with(self::TRIPOD + [
                '/timing/interval_s' => $plan->timing->interval->longest(), '/timing/exposure_s' => $plan->timing->exposure->longest(),
                '/timing/photos' => $plan->timing->photos, '/camera/write_s' => $plan->camera->writeSeconds,
            ]);
            foreach (Report::on(Shot::of($still))->all() as $finding) {
                self::assertDoesNotMatchRegularExpression('~\b(rig|motors?|creeps|slide|settl\w+|the move)\b~', "{$finding->title}. {$finding->sentence}", "seed {$seed}: {$finding->id->value}");
                foreach ($finding->remedies() as $remedy) {
                    self::assertDoesNotMatchRegularExpression('~\b(rig|the move)\b~', (string) $remedy->label, "seed {$seed}: {$finding->id->value}");
                }
            }
        }
    }

    /** Half a second by hand: 0.4 s of writing and 0.07 s of shutter; it is the card that keeps up only just. */
    public function testWhereWritingIsTightItIsNotChance(): void
    {
        $finding = Report::on(Shot::of(Plans::with(self::TRIPOD + [
            '/timing/interval_s' => 0.5, '/timing/exposure_s' => 0.01, '/camera/write_s' => 0.48, '/camera/buffer_frames' => 1, '/camera/shutter_lag_s' => 0,
            '/rig/post_exposure_delay_s' => 0,
        ])))->finding(FindingId::IntervalTooShortForRig);
        self::assertNotNull($finding);
        self::assertSame('checks.interval_too_short_for_rig.write', (string) $finding->title);
        // 5 % of writing and 4 ms of the timer are 28 ms, 10 ms of it to spare: 239 times 18 ms.
        self::assertSame('checks.interval_too_short_for_rig.write_sentence(writeSeconds: 0.48, tightestPhoto: 129, minSlackSeconds: 0.01, latestSeconds: 4.302)', (string) $finding->sentence);
    }

    /** 293 photos where 240 are needed: 53 more at 8 s are 7 min 4 s, and at 40 MB 2.1 GB. */
    public function testATimerSetTooFarIsToldWithWhatItCosts(): void
    {
        $finding = Report::on(Shot::of(Plans::with([
            '/trigger' => ['by' => 'camera_timer', 'camera_photos' => 293], '/storage' => ['raw_mb' => 40, 'cards_gb' => [64]],
        ])))->finding(FindingId::CameraTimerDrifts);
        self::assertNotNull($finding);
        self::assertSame([Severity::Info, 'checks.camera_timer_drifts.too_many(photos: 53)'], [$finding->severity, (string) $finding->shortfall]);
        self::assertSame('checks.camera_timer_drifts.goes_on_sentence(photos: 293, needed: 240, over: 424, part: checks.camera_timer_drifts.gigabytes(over: 2.1))', (string) $finding->sentence);
        self::assertSame(240, $finding->remedy('photos')?->mended->trigger->cameraPhotos);
    }

    /** What the text says ends it is what the plan counts. */
    public function testTheCountOfAnOpenEndAgreesWithWhatIsSaidOfIt(): void
    {
        foreach ([9.0, 12.0, 15.5] as $wattHours) {
            $plan = Plans::with([
                '/storage' => ['raw_mb' => 30, 'cards_gb' => [64]], '/rig/axes/0/endless' => true,
                '/power' => ['camera' => ['battery_wh' => $wattHours, 'idle_w' => 1.3, 'exposing_w' => 2.7, 'photo_j' => 3.3], 'temperature_c' => 3],
            ] + self::TRIPOD);
            $ended = (new PinnedPlan($plan))->typed(['end' => ['by' => 'card']], [])->plan;
            self::assertSame($ended->photosTotal(), Limits::of(Shot::of($ended))[0]->photos, "{$wattHours} Wh");
            self::assertNull(Report::on(Shot::of($ended))->finding(FindingId::CameraBatteryDies));
        }
    }
}
