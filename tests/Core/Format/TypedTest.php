<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Plan\Thresholds;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Words\ClockTime;
use Evrent\Core\Words\PlainText;
use Evrent\Core\Words\TypedText;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What people type, and what they are shown.
 */
final class TypedTest extends TestCase
{
    public function testFieldsThatMayBeEmptyLeaveThePlan(): void
    {
        $plan = Plans::with(['/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 7, 'count_limit' => 999], '/thresholds' => ['clip_s' => 20], '/rig/ramp_entry' => 'total']);
        $changed = TypedPlan::change($plan, [
            'trigger' => ['camera_interval_s' => ' ', 'count_limit' => ''], 'thresholds' => ['clip_s' => '', 'blur_share' => '20 %'], 'rig' => ['ramp_entry' => ''],
        ]);
        self::assertSame([null, null], [$changed->trigger->cameraIntervalSeconds, $changed->trigger->countLimit]);
        self::assertSame([Thresholds::CLIP_SECONDS, 0.2], [$changed->thresholds->clipSeconds, $changed->thresholds->blurShare]);
        self::assertNull($changed->rig->rampEntry);
        $this->expectException(InvalidInput::class);
        TypedPlan::change($plan, ['rig' => ['settle_s' => '']]);
    }

    /**
     * @return iterable<array{string, ?float}>
     */
    public static function seconds(): iterable
    {
        yield ['8', 8.0];
        yield [' 0,8 ', 0.8];
        yield ['0.8 s', 0.8];
        yield ['1/125', 1 / 125];
        yield ['1/60 s', 1 / 60];
        yield ['1:30', 90.0];
        yield ['1:30:05', 5405.0];
        yield ['1h30', 5400.0];
        yield ['2 h', 7200.0];
        yield ['1h 5 min', 3900.0];
        yield ['90 min', 5400.0];
        yield ['1.5m', 90.0];
        yield ["\u{2212}3", -3.0];
        yield ['.5', 0.5];
        yield ['1e2', 100.0];
        yield ['', null];
        yield ['eight', null];
        yield ['NaN', null];
        yield ['INF', null];
        yield ['1/0', null];
        yield ['0x10', null];
        yield ['1 000', null];
        yield ["8\n9", null];
        yield ['--8', null];
    }

    #[DataProvider('seconds')]
    public function testSecondsAreReadAsPeopleTypeThem(string $text, ?float $seconds): void
    {
        self::assertSame($seconds, TypedText::seconds($text));
    }

    public function testBatteriesAreReadAsTheyArePrinted(): void
    {
        foreach (['16' => 16.0, '16 Wh' => 16.0, '16,5Wh' => 16.5, '2000 mAh 7.2 V' => 14.4, '2000mAh × 7,2V' => 14.4, '2 Ah 12 V' => 24.0, 'mAh V' => null, '2000 mAh' => null] as $text => $wattHours) {
            $read = TypedText::wattHours((string) $text);
            $wattHours === null ? self::assertNull($read, (string) $text) : self::assertEqualsWithDelta($wattHours, $read, 1e-9, (string) $text);
        }
        $plan = TypedPlan::change(Plans::with(['/power' => ['camera' => ['battery_wh' => 1]]]), ['power' => ['camera' => ['battery_wh' => '2000 mAh 7.2 V']]]);
        self::assertEqualsWithDelta(14.4, $plan->power?->camera?->battery->wattHours, 1e-9);
    }

    public function testWhatIsShownInAFieldReadsBackTheSame(): void
    {
        foreach ([8.0, 0.8, 1 / 125, 1 / 3, 88.8888888889, 0.0125, 3600.5, 1e-5, 0.4, 30.0, 1 / 8000] as $value) {
            self::assertSame($value, TypedText::seconds(PlainText::exposure($value)));
            self::assertSame($value, TypedText::number(PlainText::number($value)));
        }
        for ($hundredths = 0; $hundredths <= 100; $hundredths++) {
            self::assertSame((float) ($hundredths / 100), TypedText::percent(PlainText::percent($hundredths / 100)));
        }
    }

    public function testQuantitiesReadWell(): void
    {
        self::assertSame('5.58 s', PlainText::seconds(5.5761590058654));
        self::assertSame('7.8 ms', PlainText::seconds(0.00783));
        self::assertSame('−0.51 s', PlainText::seconds(-0.5112));
        self::assertSame('31 min 53 s', PlainText::duration(1913.36));
        self::assertSame('1 h', PlainText::duration(3599.7));
        self::assertSame('10 h 40 min', PlainText::duration(38_376.5));
        self::assertSame('1 d 1 h', PlainText::duration(90_000));
        self::assertSame('31:52.0', PlainText::stopwatch(1912));
        self::assertSame('1:00:00.0', PlainText::stopwatch(3599.96));
        self::assertSame('0', PlainText::rounded(-0.001));
        self::assertSame('0.00', PlainText::fixed(-0.001, 2));
        self::assertSame('1/125', PlainText::exposure(1 / 125));
    }

    public function testTheEndTimeRunsPastMidnight(): void
    {
        self::assertSame('16:52', ClockTime::read('16:20')->plusSeconds(1913.36)->text());
        self::assertSame('00:05 (next day)', Words::say(ClockTime::read('23:55')->plusSeconds(600)->text()));
        self::assertSame('07:00 (+3 days)', Words::say(ClockTime::read('7.00')->plusSeconds(3 * 86_400)->text()));
        foreach (['', '24:00', '7', 'noon', '12:60', '-1:00', "12:00\n13:00"] as $text) {
            try {
                ClockTime::read($text);
                self::fail("accepted {$text}");
            } catch (InvalidInput $invalid) {
                self::assertStringContainsString('values.clock_time.enter', $invalid->getMessage());
            }
        }
    }

    public function testTypedFieldsChangeThePlanAndLeaveTheRest(): void
    {
        $plan = Plans::example('1-two-keyframes');
        $changed = TypedPlan::change($plan, [
            'timing' => ['interval_s' => '10', 'exposure_s' => '1/4'],
            'move' => ['easing' => ['ramp_in' => '30 %', 'shape' => 'quintic'], 'keyframes' => [1 => ['pan' => '25,5']]],
        ]);
        self::assertSame(10.0, $changed->timing->interval->longest());
        self::assertSame(0.25, $changed->timing->exposure->longest());
        self::assertSame(0.3, $changed->move->easing->rampIn);
        self::assertSame(0.2, $changed->move->easing->rampOut);
        self::assertSame(25.5, $changed->move->keyframes[1]->positions['pan']);
        self::assertSame(860.0, $changed->move->keyframes[1]->positions['slide']);
        self::assertSame('history.nothing_changed', (string) PlanChanges::told($plan, TypedPlan::change($plan, [])));
        self::assertSame('history.changed(name: fields.timing_interval_s, from: 8, to: units.plain(first: units.plain(first: 10, last:  ), last: s))', (string) PlanChanges::told($plan, TypedPlan::change($plan, ['timing' => ['interval_s' => '10']])));
        self::assertSame('units.comma(first: history.changed(name: history.at_keyframe(field: axes.pan, peg: B), from: 21, to: units.plain(first: 25.5, last: °)), last: history.changed(name: fields.move_easing_ramp_in, from: units.percent(number: 20), to: units.percent(number: 30)))', (string) PlanChanges::told($plan, TypedPlan::change($plan, [
            'move' => ['easing' => ['ramp_in' => '30'], 'keyframes' => [1 => ['pan' => '25.5']]],
        ])));
    }

    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function nonsense(): iterable
    {
        yield 'empty' => [['timing' => ['photos' => '']], '/timing/photos'];
        yield 'text' => [['timing' => ['interval_s' => 'soon']], '/timing/interval_s'];
        yield 'NaN' => [['timing' => ['exposure_s' => 'NaN']], '/timing/exposure_s'];
        yield 'negative' => [['timing' => ['head_photos' => '-3']], '/timing/head_photos'];
        yield 'huge' => [['timing' => ['interval_s' => '1e300']], '/timing/interval_s'];
        yield 'huge beyond floats' => [['timing' => ['interval_s' => '1e999']], '/timing/interval_s'];
        yield 'list for a number' => [['timing' => ['photos' => ['1', '2']]], '/timing/photos'];
        yield 'number for a part' => [['timing' => '5'], '/timing'];
        yield 'unknown' => [['timing' => ['haste' => '5']], '/timing/haste'];
        yield 'not UTF-8' => [['title' => "\xff", 'timing' => ['photos' => "\xff"]], '/timing/photos'];
        yield 'keyframe that is not there' => [['move' => ['keyframes' => [7 => ['pan' => '1']]]], '/move/keyframes'];
        yield 'ramps over 100 %' => [['move' => ['easing' => ['ramp_in' => '60', 'ramp_out' => '50']]], '/move/easing/ramp_out'];
    }

    /**
     * @param array<string, mixed> $typed
     */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedWhereItStands(array $typed, string $pointer): void
    {
        try {
            TypedPlan::change(Plans::example('1-two-keyframes'), $typed);
            self::fail('accepted');
        } catch (InvalidInput $invalid) {
            self::assertContains($pointer, array_column($invalid->problems, 'pointer'));
        }
    }
}
