<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\ShotCard;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Words\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * A shot on a card in the hand, and the moments that it counts down to.
 */
final class ShotCardTest extends TestCase
{
    /** 240 photos at 16:20, one every 8 s: its keyframes, its end, and what to do when it is late. */
    public function testAShotInTheDarkHasTheMoonAndTheMilkyWayWithBothTimes(): void
    {
        $sun = static fn (string $at, string $horizon): array => Said::pairs(ShotCard::of(Shot::of(Plans::with([
            '/site' => ['date' => '2027-06-20', 'latitude_deg' => 38.7, 'longitude_deg' => -9.1, 'zone' => 'Europe/Lisbon', 'horizon' => $horizon] + Plans::SITE,
            '/start' => ['event' => 'clock', 'at' => $at],
        ])))->sun);
        self::assertArrayNotHasKey('day.shot_card.moonrise', $sun('12:00', ''), 'by day nobody asks');
        $open = $sun('23:00', '');
        self::assertMatchesRegularExpression('/^\d\d:\d\d–\d\d:\d\d$/', $open['day.shot_card.centre']);
        $ridge = $sun('23:00', '60 12, 140 12, 200 12, 260 12, 330 12');
        self::assertStringStartsWith("day.shot_card.centre_clear(level: {$open['day.shot_card.centre']}, clear: ", $ridge['day.shot_card.centre']);
        self::assertMatchesRegularExpression('/^sky.seen.over\(clock: \d\d:\d\d, seen: /', $ridge['day.shot_card.moonrise']);
        self::assertStringContainsString('sky.seen.behind', $ridge['day.shot_card.sunset']);
    }

    public function testACardSaysWhenAndWhereAndWhatToDoWhenItIsLate(): void
    {
        $card = ShotCard::of(Shot::of(self::plan()), [Hazard::Tide], 30, 15);
        self::assertSame(['17:50', '18:22'], [$card->begins, $card->ends]);
        self::assertSame('units.comma(first: units.comma(first: 240, last: day.settings.interval(seconds: 8)), last: day.settings.shutter(seconds: 0.8))', (string) $card->figures);
        self::assertSame(['A', 'B'], array_column($card->keyframes, 'peg'));
        self::assertSame(['slide 40 mm, pan −14°, tilt 2°', 'slide 860 mm, pan 21°, tilt −3°'], array_map(static fn (array $keyframe): string => Words::say($keyframe['places']), $card->keyframes));
        self::assertStringStartsWith('day.shot_card.late_place(minutes: 10, photo: 76, places: ', (string) $card->late[0]);
        self::assertStringEndsWith('until: 18:32)', (string) $card->late[0]);
        self::assertCount(2, $card->late);
        self::assertSame('day.shot_card.fixed', (string) $card->follows);
        self::assertContains('day.hazard.tide_caution', array_map(strval(...), $card->cautions));
        // What a caution says is not said twice.
        $checks = array_map(strval(...), $card->checks);
        self::assertNotContains('run.preflight.edge.label', $checks);
        self::assertContains('run.preflight.homed.label', $checks);
        self::assertSame('day.shot_card.sunset', (string) $card->sun[1][0]);
    }

    public function testMomentsComeInTheirOrderWithTheirTimes(): void
    {
        $plan = self::plan();
        $moments = ShotCard::of(Shot::of($plan), [], 30, 15)->moments;
        $first = $plan->firstTrigger()->unixSeconds ?? NAN;
        $at = array_combine(array_map(static fn (array $one): string => (string) $one['says'], $moments), array_column($moments, 'unix'));
        self::assertEqualsWithDelta([-1_800.0, 0.0], [$at['day.shot_card.arrive'] - $first, $at['day.shot_card.first'] - $first], 0.1);
        self::assertEqualsWithDelta(900.0, $at['day.shot_card.leave'] - $at['day.shot_card.last'], 0.2);
        self::assertGreaterThan($at['day.shot_card.first'], $at['day.shot_card.sunset']);
        $sorted = array_column($moments, 'unix');
        sort($sorted);
        self::assertSame($sorted, array_column($moments, 'unix'));
        self::assertSame('17:20', $moments[0]['when']);
    }

    /** Photos that get longer, turned at the dial: each click is a cue at its own time, and on the card by its photo. */
    public function testWhatIsTurnedIsACue(): void
    {
        $plan = self::plan(['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.125], ['at' => 1, 'exposure_s' => 2]]]);
        $shot = Shot::of($plan);
        $card = ShotCard::of($shot);
        self::assertNotSame([], $card->cues);
        self::assertSame('day.shot_card.by_clicks(from: day.shot_card.from(exposures: 0.125, exposures2: 2))', (string) $card->follows);
        $cues = array_values(array_filter($card->moments, static fn (array $one): bool => $one['isCue']));
        self::assertCount(count($card->cues), $cues);
        self::assertStringStartsWith('units.capital(text: day.field_card.longer(', (string) $cues[0]['says']);
        $first = $plan->firstTrigger()->unixSeconds ?? NAN;
        self::assertEqualsWithDelta($shot->schedule->timeline->closeSeconds[$card->cues[0]['photo'] - 1], $cues[0]['unix'] - $first, 0.1);
    }

    public function testWithoutPlaceOrDayItStillSaysWhatItKnows(): void
    {
        $card = ShotCard::of(Shot::of(Plans::with([])));
        self::assertSame([[], []], [$card->sun, $card->moments]);
        self::assertSame(240, $card->keyframes[1]['photo'] + 12);
        self::assertStringStartsWith('day.shot_card.after(', (string) $card->keyframes[1]['when']);
        self::assertStringStartsWith('day.shot_card.late_place(minutes: 10', (string) $card->late[0]);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function plan(array $changes = []): Plan
    {
        return Plans::with($changes + ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50']]);
    }

    /** What nobody gave is no fact on a card. */
    public function testNothingAssumedIsPrintedAsAFact(): void
    {
        $given = ['/optics' => Plans::OPTICS + ['focal_mm' => 24], '/light' => ['aperture' => 8, 'iso' => 200]];
        self::assertSame('units.sentences(first: checks.nearest_out_of_focus.hyperfocal(aperture: 8, circleMillimetres: 0.0288, distanceText: 2.52 m), last: checks.nearest_out_of_focus.for_foreground(distanceText: 2.52 m, set: checks.nearest_out_of_focus.zone(distanceText: 1.26 m, part: checks.nearest_out_of_focus.horizon)))', implode(' ', ShotCard::of(Shot::of(Plans::with($given)))->settings));
        $near = implode(' ', ShotCard::of(Shot::of(Plans::with($given + ['/provenance' => ['/optics/foreground_m' => 'default']])))->settings);
        self::assertStringNotContainsString('focus at', $near);
        self::assertSame('units.sentences(first: checks.nearest_out_of_focus.hyperfocal(aperture: 8, circleMillimetres: 0.0288, distanceText: 2.52 m), last: checks.nearest_out_of_focus.foreground_unset)', $near);
        $lens = ShotCard::of(Shot::of(Plans::with(['/light' => ['iso' => 200]] + $given)));
        self::assertStringNotContainsString('hyperfocal', implode(' ', $lens->settings));
        self::assertStringContainsString('day.settings.assumed(value: units.aperture(number: 8)), last: units.iso(number: 200)', (string) $lens->figures);
    }
}
