<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\SkyEdits;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Schedule\Poses;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ShotSky;
use Evrent\Core\Sky\Angles;
use Evrent\Core\Sky\Horizontal;
use Evrent\Core\Sky\Target;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class SkyEditsTest extends TestCase
{
    private const EVENING = ['event' => 'sunset', 'offset_s' => -5400];

    /**
     * @param array<string, mixed> $changes
     */
    private static function schedule(array $changes = []): Schedule
    {
        return Schedule::of(Plans::with($changes + [
            '/site' => Plans::SITE, '/start' => self::EVENING, '/timing/photos' => 300, '/timing/interval_s' => 15,
            '/rig/base' => ['zero_bearing_deg' => 240],
        ]));
    }

    /** How far from the middle of the frame a body is, at worst, in photos on the way; degrees across and in height. */
    private static function strays(Schedule $schedule, Target $target): float
    {
        $sky = ShotSky::of($schedule);
        self::assertNotNull($sky);
        $zero = $schedule->plan->rig->base->zeroBearingDegrees;
        $worst = 0.0;
        for ($n = $schedule->pegPhotos()[0] - 1; $n < $schedule->plan->timing->headPhotos + $schedule->plan->timing->photos; $n++) {
            $seen = $sky->at($target, $n);
            $off = abs(Angles::turn($schedule->moves->positions['pan'][$n] + $zero - $seen->azimuth + 180.0) - 180.0);
            $worst = max($worst, $off, abs($schedule->moves->positions['tilt'][$n] - $seen->followedAltitude()));
        }

        return $worst;
    }

    public function testAKeyframeIsAimedWhereTheBodyStandsAtItsPhoto(): void
    {
        $schedule = self::schedule();
        $sky = ShotSky::of($schedule);
        foreach ([0, 1] as $place) {
            foreach (Target::cases() as $target) {
                $aimed = SkyEdits::aimed($schedule, $place, $target)->move->keyframes[$place]->positions;
                $seen = $sky?->at($target, $schedule->pegPhotos()[$place] - 1);
                self::assertNotNull($seen);
                self::assertEqualsWithDelta(0.0, Angles::turn($aimed['pan'] + 240.0 - $seen->azimuth + 180.0) - 180.0, 1e-3);
                self::assertEqualsWithDelta($seen->followedAltitude(), $aimed['tilt'], 1e-3);
            }
        }
    }

    public function testOrAtAnotherTimeOfThatDay(): void
    {
        $plan = self::schedule()->plan;
        $at = static fn (string $when): float => TypedEdit::apply($plan, 'aim-body', ['place' => '0', 'target' => 'sun', 'at' => $when])
            ->plan->move->keyframes[0]->positions['tilt'];
        self::assertEqualsWithDelta(0.0, $at('sunset'), 0.35, 'the sun’s upper limb is at the horizon');
        self::assertGreaterThan($at('17:00'), $at('12:00'));
        self::assertGreaterThan($at('19:00'), $at('17:00'));
        $this->expectExceptionMessage('editing.aim_at_target.never');
        $at('the sun rises to 80°');
    }

    public function testPanZeroIsSaidByCompassAndVariation(): void
    {
        $plan = self::schedule()->plan;
        $zero = static fn (string $compass, string $variation): float => TypedEdit::apply(
            $plan,
            'compass',
            ['compass' => $compass, 'variation' => $variation],
        )
            ->plan->rig->base->zeroBearingDegrees;
        self::assertSame([239.5, 238.0, 1.0, 359.5], [$zero('238', '1.5'), $zero('238', ''), $zero('359', '2'), $zero('1', '-1.5')]);
        foreach ([['', '', '/edit/compass'], ['400', '', '/edit/compass'], ['10', 'east', '/edit/variation'], ['10', '200', '/edit/variation']] as [$compass, $variation, $pointer]) {
            try {
                $zero($compass, $variation);
                self::fail("{$compass} {$variation}");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }

    /**
     * @return iterable<string, array{Target, array<string, mixed>}>
     */
    public static function tracked(): iterable
    {
        yield 'the sun down to the sea' => [Target::Sun, []];
        yield 'the sun through the horizon' => [Target::Sun, ['/start' => ['event' => 'sunset', 'offset_s' => -2400]]];
        yield 'the moon up, over five hours' => [
            Target::Moon,
            ['/start' => ['event' => 'moonrise'], '/timing/photos' => 900, '/timing/interval_s' => 20, '/rig/base' => ['zero_bearing_deg' => 90]],
        ];
        yield 'the galactic centre' => [
            Target::GalacticCentre,
            ['/start' => ['event' => 'clock', 'at' => '03:30'], '/rig/base' => ['zero_bearing_deg' => 180]],
        ];
        yield 'across north, where bearings begin again' => [Target::Sun, [
            '/site' => ['latitude_deg' => 78.2, 'date' => '2027-06-21', 'zone' => 'UTC'] + Plans::SITE,
            '/start' => ['event' => 'clock', 'at' => '21:30'],
            '/timing/photos' => 600, '/rig/base' => ['zero_bearing_deg' => 300],
        ]];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('tracked')]
    public function testATrackedBodyStaysInTheMiddle(Target $target, array $changes): void
    {
        $schedule = self::schedule($changes);
        $tracked = Schedule::of(SkyEdits::tracked($schedule, $target));
        // The edit allows a twentieth; a motor's step and a photo's place add a little.
        self::assertLessThan(0.07, self::strays($tracked, $target));
        self::assertLessThan(20, count($tracked->plan->move->keyframes));
        $slide = $tracked->moves->positions['slide'];
        self::assertEqualsWithDelta($schedule->moves->positions['slide'][0], $slide[0], 0.02);
        self::assertEqualsWithDelta($schedule->moves->positions['slide'][count($slide) - 1], $slide[count($slide) - 1], 0.02);
    }

    /** A leaning base points the camera elsewhere: through the lens the body stays in the middle all the same. */
    public function testABaseOffLevelIsMadeUpFor(): void
    {
        $schedule = self::schedule([
            '/rig/base' => ['zero_bearing_deg' => 240, 'off_level_deg' => 2, 'toward_deg' => 60],
            '/optics' => Plans::OPTICS + ['focal_mm' => 50],
        ]);
        $tracked = Schedule::of(SkyEdits::tracked($schedule, Target::Sun));
        $sky = ShotSky::of($tracked);
        $poses = Poses::columns($tracked);
        $frame = new SkyFrame($tracked->plan->optics ?? Optics::usual());
        foreach (range($tracked->pegPhotos()[0] - 1, $tracked->pegPhotos()[0] + 298) as $n) {
            $place = $sky?->at(Target::Sun, $n);
            self::assertNotNull($place);
            $seen = new Horizontal($place->azimuth, $place->followedAltitude());
            $at = $frame->place($seen, ['yaw' => $poses['yaw'][$n], 'pitch' => $poses['pitch'][$n], 'roll' => $poses['roll'][$n]], 240.0);
            // A hundredth of half the frame is a fifth of a degree.
            self::assertEqualsWithDelta([0.0, 0.0], $at, 0.01);
        }
    }

    /** The sun goes from the south-west to the west, and a pan of 40° that looks north reaches none of it. */
    public function testTheBaseIsTurnedFirstWhereTheTravelDoesNotReach(): void
    {
        $schedule = self::schedule(['/rig/base' => ['zero_bearing_deg' => 0], '/rig/axes/1/min' => -20, '/rig/axes/1/max' => 20]);
        $edit = TypedEdit::apply($schedule->plan, 'track-body', ['target' => 'sun']);
        $tracked = Schedule::of($edit->plan);
        self::assertLessThan(0.07, self::strays($tracked, Target::Sun));
        foreach ($tracked->plan->move->keyframes as $keyframe) {
            foreach ($tracked->plan->rig->axes as $axis) {
                self::assertTrue($axis->holds($keyframe->positions[$axis->id]));
            }
        }
        $bearing = $tracked->plan->rig->base->zeroBearingDegrees;
        self::assertStringContainsString("to: {$bearing}", (string) $edit->told);
        self::assertStringContainsString('editing.track_target.turn_base', implode('', $edit->givesWay));
        // A pan of 4° holds a part of it, and stands at its ends for the rest.
        $narrow = self::schedule(['/rig/axes/1/min' => -2, '/rig/axes/1/max' => 2]);
        foreach (SkyEdits::tracked($narrow, Target::Sun)->move->keyframes as $keyframe) {
            self::assertLessThanOrEqual(2.0, abs($keyframe->positions['pan']));
        }
        // Where the travel reaches, the base stays where it is.
        $reached = self::schedule([]);
        self::assertSame($reached->plan->rig->base, SkyEdits::tracked($reached, Target::Sun)->rig->base);
    }

    public function testWithoutAPlaceAStartOrAnAxisItSaysWhatIsMissing(): void
    {
        foreach ([['/start' => null], ['/site' => null]] as $lacking) {
            $changes = array_filter($lacking + ['/site' => Plans::SITE, '/start' => self::EVENING]);
            $says = '';
            try {
                SkyEdits::tracked(Schedule::of(Plans::with($changes)), Target::Sun);
            } catch (InvalidInput $invalid) {
                $says = $invalid->problems[0]->message;
            }
            self::assertSame('editing.no_sky', (string) $says);
        }
        $this->expectException(InvalidInput::class);
        SkyEdits::aimed(self::schedule(), 7, Target::Sun);
    }
}
