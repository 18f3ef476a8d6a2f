<?php

declare(strict_types=1);

namespace Tests\Core\Words;

use Evrent\Core\Checks\Exposing;
use Evrent\Core\Checks\Report;
use Evrent\Core\Editing\TypedEdit;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Format\RampText;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\ExposureHelp;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * Sentences that are built from parts, at none, one and many.
 */
final class CountsTest extends TestCase
{
    public function testWhatIsBrighterSaysByHowMuch(): void
    {
        self::assertSame(
            ['checks.exposing.same', 'checks.exposing.darker(stops: 1 stop)', 'checks.exposing.brighter(stops: 2.5 stop)'],
            array_map(static fn (float $stops): string => (string) Exposing::brightness($stops), [0.0, -1.0, 2.5]),
        );
    }

    public function testRamps(): void
    {
        $told = static function (float $in, float $out, int $photos): string {
            $plan = Plans::with(['/timing/photos' => $photos, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/move/easing' => ['ramp_in' => $in, 'ramp_out' => $out]]);

            return (string) RampText::told($plan->path->legs[0], null);
        };
        self::assertSame('units.comma(first: motion.ramp_text.hard_start, last: motion.ramp_text.hard_stop)', $told(0.0, 0.0, 101));
        self::assertSame('units.comma(first: motion.ramp_text.in(count: 1, span: ), last: motion.ramp_text.out(count: 2, span: ))', $told(0.01, 0.02, 101));
        self::assertSame('units.comma(first: motion.ramp_text.hard_start, last: motion.ramp_text.out(count: 1, span: ))', $told(0.0, 0.01, 101));
        $leg = Plans::with(['/timing/photos' => 101])->path->legs[0];
        self::assertSame('units.comma(first: motion.ramp_text.in(count: 20, span: motion.ramp_text.span(duration: 160)), last: motion.ramp_text.out(count: 20, span: motion.ramp_text.span(duration: 160)))', (string) RampText::told($leg, Schedule::of(Plans::with(['/timing/photos' => 101]))));
    }

    public function testWhatTheHistoryTells(): void
    {
        $plan = Plans::with(['/move/keyframes' => [
            ['at' => 0, 'slide' => 0, 'pan' => 0, 'tilt' => 0], ['at' => 0.5, 'slide' => 9, 'pan' => 1, 'tilt' => 1], ['at' => 1, 'slide' => 20, 'pan' => 3, 'tilt' => 2],
        ]]);
        foreach ([0, 1, 12] as $photos) {
            self::assertSame("editing.hold_at_keyframe.done(part: {$photos}, peg: B)", (string) TypedEdit::apply($plan, 'keyframe-hold', ['place' => '1', 'photos' => (string) $photos])->told);
        }
        foreach (['0' => 'editing.darken_night.metered', '1' => 'editing.darken_night.done(stops: 1 stop)', '2.5' => 'editing.darken_night.done(stops: 2.5 stop)'] as $stops => $told) {
            self::assertSame($told, (string) TypedEdit::apply($plan, 'night-bias', ['night_stops' => (string) $stops])->told);
        }
    }

    public function testOneStretchedIntervalComesOutLonger(): void
    {
        // The first of three is short by itself: 2.42 s are needed, and 2 are there.
        $keys = [['at' => 0, 'interval_s' => 2], ['at' => 0.4, 'interval_s' => 9], ['at' => 1, 'interval_s' => 9]];
        $plan = Plans::with(['/timing/photos' => 4, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => $keys, '/move/keyframes/1/slide' => 41]);
        self::assertSame('checks.controller_stretches_interval.sentence(stretched: 1, photosTotal: 3 interval, late: 1.11, x: 5.9)', (string) (Report::on(Shot::of($plan))->finding(FindingId::ControllerStretchesInterval)->sentence ?? ''));
    }

    public function testAMarkThatIsWhatItSaysIsNotToldOf(): void
    {
        $dial = static fn (float $seconds): ?string => Said::pairs(ExposureHelp::told(Shot::of(Plans::with(['/timing/exposure_s' => $seconds, '/timing/interval_s' => 60]))))['shot.exposure_help.dial'] ?? null;
        self::assertSame([null, 'shot.exposure_help.mark(mark: 15, seconds: 16)', null], [$dial(4.0), $dial(15.0), $dial(0.5)]);
    }
}
