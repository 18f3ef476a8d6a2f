<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Editing\PinnedPlan;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Motion\Units;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Preflight;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\FilmFacts;
use Evrent\Core\Shot\PassFacts;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\TroubleTimes;
use Evrent\Core\Shot\WhiteBalanceCues;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The camera's own film, video sped up, a pass in real time, white balance by the clock, and what gets in the way.
 */
final class OtherWaysTest extends TestCase
{
    /** 300 photos and 5 to spare are 305 frames, 12.2 s at 25; in a clip of 24 they play at 96 %, and 300 of them are 12.5 s. */
    public function testTheCamerasOwnFilmIsRetimed(): void
    {
        $facts = FilmFacts::of(Schedule::of(self::plan(['/film' => ['kind' => 'in_camera', 'frames_per_second' => 25, 'extra_frames' => 5]])));
        self::assertSame([305, 12.2, 12.5, 0.96, 0.0], [
            $facts?->frames, $facts?->filmSeconds, $facts?->clipSeconds, $facts?->retimeShare, $facts?->recordingMinutes,
        ]);
        self::assertStringContainsString('percent: 96,', (string) $facts?->told());
    }

    /** One photo every 4 s for 300 photos are 20 min; 12.5 s of clip are 96 times faster; at 0.75 GB a minute 15 GB. */
    public function testVideoIsSpedUp(): void
    {
        $facts = FilmFacts::of(Schedule::of(self::plan(['/film' => ['kind' => 'sped_up', 'frames_per_second' => 25, 'gb_per_min' => 0.75]])));
        self::assertSame([20.0, 96.0, 15.0], [$facts?->recordingMinutes, $facts?->speedUp, $facts?->gigabytes]);
        self::assertStringContainsString('times: 96,', (string) $facts?->told());
    }

    public function testChosenItIsTheCameraThatKeepsTime(): void
    {
        $edited = (new PinnedPlan(self::plan([])))->typed(['film' => ['kind' => 'in_camera']], []);
        self::assertTrue($edited->plan->trigger->isCamera());
        self::assertContains(Preflight::OwnTimer, Preflight::of(Shot::of($edited->plan)));
        self::assertSame('run.preflight.own_timer.film', (string) Preflight::OwnTimer->labelFor($edited->plan));
        $back = (new PinnedPlan($edited->plan, $edited->pins))->typed(['film' => ['kind' => '']], []);
        self::assertStringNotContainsString('"film"', PlanWriter::toJson($back->plan));
    }

    /** 600 mm without ease in 299 moves, evenly: in 30 s 20 mm/s of the 20 that the slide can; in 24 s 25 mm/s is too fast. */
    public function testAPassGoesNoFasterThanTheRig(): void
    {
        $facts = PassFacts::of(self::plan(['/pass' => ['duration_s' => 30]]));
        self::assertEqualsWithDelta([20.0, 30.0], [$facts?->peakSpeeds['slide'], $facts?->shortestSeconds], 1e-6);
        self::assertTrue($facts?->fits());
        $fast = PassFacts::of(self::plan(['/pass' => ['duration_s' => 24, 'by' => 'one_camera', 'still_plate' => true]]));
        self::assertNotNull($fast);
        self::assertFalse($fast->fits());
        $told = $fast->told(new Units());
        self::assertSame('shot.pass.too_fast(least: 30)', (string) $told[1]);
        self::assertCount(4, $told);
        self::assertNull(PassFacts::of(self::plan([])));
    }

    /** From 5,200 K (192.3 mired) to 3,600 K (277.8) are 85.5 mired: nine steps of no more than ten, the last at 3,600. */
    public function testWhiteBalanceGoesByTheClock(): void
    {
        $settings = ['white_balance' => 'by_clock', 'white_balance_k' => 5200, 'white_balance_end_k' => 3600];
        $cues = WhiteBalanceCues::of(Schedule::of(self::plan(['/settings' => $settings])));
        self::assertCount(9, $cues);
        self::assertSame(3600.0, $cues[8]['kelvin']);
        $before = 5200.0;
        foreach ($cues as $cue) {
            self::assertLessThan(14.0, 1e6 / $cue['kelvin'] - 1e6 / $before);
            $before = $cue['kelvin'];
        }
        self::assertSame([], WhiteBalanceCues::of(Schedule::of(self::plan(['/settings' => ['white_balance' => 'fixed', 'white_balance_k' => 5200]]))));
    }

    public function testPreflightSaysWhatThePlanSays(): void
    {
        $set = ['white_balance' => 'fixed', 'white_balance_k' => 5200, 'focus' => 'manual', 'stabiliser' => false, 'review' => false, 'beep' => false];
        $plan = self::plan(['/settings' => $set, '/lead' => ['name' => 'Curly lead', 'half_press' => true]]);
        self::assertSame(
            'run.preflight.autofocus.set(settings: units.comma(first: units.comma(first: units.comma(first: plan.settings.white(kelvin: 5200), last: plan.settings.focus_manual), last: plan.settings.stabiliser_off), last: units.comma(first: plan.settings.review_off, last: plan.settings.beep_off)))',
            (string) Preflight::Autofocus->labelFor($plan),
        );
        self::assertSame('run.preflight.cable.named_half_press(cable: Curly lead)', (string) Preflight::Cable->labelFor($plan));
        self::assertEquals(Preflight::Autofocus->label(), Preflight::Autofocus->labelFor(self::plan([])));
    }

    /** From 19:00, one every 4 s: at 19:05 photo 76, at 19:10 photo 151. */
    public function testTroubleThatFallsIntoTheShotNamesItsPhotos(): void
    {
        $plan = self::plan(['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00'], '/scene' => ['troubles' => [
            ['kind' => 'people', 'from' => '19:05', 'to' => '19:10', 'note' => 'the ferry lands'], ['kind' => 'lamps', 'from' => '22:00'], ['kind' => 'wind'],
        ], 'plan_b' => 'The sea wall by the sluice']]);
        $times = TroubleTimes::of(Shot::of($plan));
        self::assertSame([76, 151], [$times[0]['first'], $times[0]['last']]);
        self::assertSame([null, null], [$times[1]['first'], $times[2]['first']]);
        self::assertSame('plan.trouble.from_to(kind: plan.trouble_kind.people, note: plan.trouble.noted(note: the ferry lands), from: 19:05, to: 19:10)', (string) $times[0]['trouble']->told());
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($plan))));
    }

    public function testTroublesComeAndGo(): void
    {
        $pinned = new PinnedPlan(self::plan([]));
        $edited = $pinned->named('trouble-add', ['kind' => 'police', 'from' => '8pm', 'to' => '21:00', 'note' => 'the quay is closed']);
        self::assertSame('plan.trouble.from_to(kind: plan.trouble_kind.guard, note: plan.trouble.noted(note: the quay is closed), from: 20:00, to: 21:00)', (string) $edited->plan->scene->troubles[0]->told());
        self::assertSame([], (new PinnedPlan($edited->plan))->named('trouble-out', ['place' => 0])->plan->scene->troubles);
    }

    /**
     * @param array<string, string> $given
     */
    #[DataProvider('noTroubles')]
    public function testATroubleThatIsNoneIsRefusedWhereItStands(array $given, string $pointer): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage($pointer);
        (new PinnedPlan(self::plan([])))->named('trouble-add', $given);
    }

    /**
     * @return iterable<array{array<string, string>, string}>
     */
    public static function noTroubles(): iterable
    {
        yield [['kind' => 'ghosts'], '/edit/kind'];
        yield [['kind' => 'rain', 'from' => 'late'], '/edit/from'];
        yield [['kind' => 'rain', 'from' => '', 'to' => '21:00'], '/edit/from'];
        yield [['kind' => 'rain', 'note' => str_repeat('x', 201)], '/edit/note'];
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes): Plan
    {
        $axis = ['id' => 'slide', 'kind' => 'linear', 'min' => 0, 'max' => 1000, 'max_speed' => 20, 'max_acceleration' => 60, 'steps_per_unit' => 100];

        return Plans::with(array_replace([
            '/rig/axes' => [$axis],
            '/move' => ['keyframes' => [['at' => 0, 'slide' => 0], ['at' => 1, 'slide' => 600]], 'easing' => ['ramp_in' => 0, 'ramp_out' => 0]],
            '/timing/photos' => 300, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 4, '/timing/exposure_s' => 0.5,
        ], $changes));
    }
}
