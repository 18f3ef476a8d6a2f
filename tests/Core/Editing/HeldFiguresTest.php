<?php

declare(strict_types=1);

namespace Tests\Core\Editing;

use Evrent\Core\Editing\Figure;
use Evrent\Core\Editing\HeldFigures;
use Evrent\Core\Format\FieldTexts;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\RampText;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * Two figures held and the third following, and what people type into the fields.
 */
final class HeldFiguresTest extends TestCase
{
    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(40);
    }

    #[DataProvider('plans')]
    public function testTheIntervalThatFollowsNeverOverrunsAndIsTheLongestThatDoesNot(Plan $plan): void
    {
        $booked = Schedule::of($plan)->summary->bookedSeconds * 1.7;
        try {
            $solved = HeldFigures::solve($plan, Figure::Interval, null, null, $booked)->plan;
        } catch (InvalidInput $invalid) {
            self::assertStringContainsString('no longer than its exposure', (string) $invalid->problems[0]->message);

            return;
        }
        self::assertSame($plan->photosTotal(), $solved->photosTotal());
        $now = Schedule::of($solved)->summary->bookedSeconds;
        // A tenth of a second a photo is what the timer rounds by; keys are kept to the millisecond.
        self::assertLessThanOrEqual($booked + $plan->photosTotal() * 0.001, $now);
        self::assertGreaterThan($booked - $plan->photosTotal() * 0.2001, $now);
    }

    #[DataProvider('plans')]
    public function testPhotosThatFollowFillTheTime(Plan $plan): void
    {
        if (!$plan->timing->interval->isConstant() || !$plan->timing->exposure->isConstant()) {
            $this->expectNotToPerformAssertions();

            return;
        }
        $booked = Schedule::of($plan)->summary->bookedSeconds * 1.3;
        $solved = Schedule::of(HeldFigures::solve($plan, Figure::Photos, null, null, $booked)->plan);
        self::assertLessThanOrEqual($booked + 1e-6, $solved->summary->bookedSeconds);
        self::assertGreaterThan($booked, $solved->summary->bookedSeconds + $solved->intervalSeconds[0] - 1e-6);
    }

    public function testAGapLeavesTheExposureOut(): void
    {
        $plan = Plans::with(['/timing/interval_means' => 'gap', '/timing/exposure_s' => 2]);
        // 240 photos in 40 min are 10 s each, 2 s of which is the exposure.
        self::assertSame(8.0, HeldFigures::solve($plan, Figure::Interval, null, null, 2400)->plan->timing->interval->longest());
    }

    public function testKeysKeepTheirProportions(): void
    {
        $plan = Plans::with(['/timing/interval_s' => [['at' => 0, 'interval_s' => 4], ['at' => 1, 'interval_s' => 12]]]);
        $solved = HeldFigures::solve($plan, Figure::Interval, null, null, 960)->plan;
        self::assertSame([2.0, 6.0], array_column($solved->timing->interval->keys, 'seconds'));
    }

    public function testClipIsNeverShortOfWhatWasAsked(): void
    {
        $solved = HeldFigures::solve(Plans::with([]), Figure::Shooting, null, 10.01, null);
        self::assertSame(241, $solved->plan->photosTotal());
        self::assertSame('units.capital(text: editing.held_figures.rounded(photos: 241, clipSeconds: 10.042))', (string) $solved->rounding);
    }

    /**
     * @return iterable<string, array{string, ?float}>
     */
    public static function ramps(): iterable
    {
        // 216 photos are 215 moves, one every 8 s: 1720 s.
        yield 'per cent' => ['20 %', 0.2];
        yield 'a bare number' => ['20', 0.2];
        yield 'photos' => ['43 photos', 0.2];
        yield 'one photo' => ['1 photo', 1 / 215];
        yield 'p' => ['43p', 0.2];
        yield 'minutes' => ['8.6 min', 0.3];
        yield 'seconds' => ['172 s', 0.1];
        yield 'a clock' => ['2:52', 0.1];
        yield 'words' => ['a bit', null];
        yield 'photos of words' => ['some photos', null];
    }

    #[DataProvider('ramps')]
    public function testARampIsReadInWhateverItIsGiven(string $text, ?float $share): void
    {
        $plan = Plans::with([]);
        $read = RampText::share($text, $plan, $plan->path->legs[0]);
        self::assertSame($share === null, $read === null);
        self::assertEqualsWithDelta((float) $share, (float) $read, 1e-9);
        if ($share !== null) {
            self::assertEqualsWithDelta($share, TypedPlan::change($plan, ['move' => ['easing' => ['ramp_in' => $text]]])->move->easing->rampIn, 1e-9);
        }
    }

    #[DataProvider('plans')]
    public function testWhatStandsInTheFieldsReadsBackAsThePlan(Plan $plan): void
    {
        $typed = [];
        foreach (FieldTexts::of($plan) as $pointer => $text) {
            $field = $text;
            foreach (array_reverse(explode('/', ltrim($pointer, '/'))) as $name) {
                $field = [$name => $field];
            }
            $typed = array_replace_recursive($typed, $field);
        }
        self::assertSame(PlanWriter::toJson($plan), PlanWriter::toJson(TypedPlan::change($plan, $typed)));
    }

    public function testSpansReadBackAsTheyAreWritten(): void
    {
        foreach ([0.5, 8, 59.99, 60, 90, 1920, 2073.6, 3600, 3601.5, 5400, 100_000, 86_400 * 3] as $seconds) {
            self::assertSame((float) $seconds, TypedText::seconds(PlainText::span((float) $seconds)), PlainText::span((float) $seconds));
        }
        self::assertSame(['34 min 33.6 s', '1 h 30 min', '2 h 0 min 5 s'], [PlainText::span(2073.6), PlainText::span(5400), PlainText::span(7205)]);
    }
}
