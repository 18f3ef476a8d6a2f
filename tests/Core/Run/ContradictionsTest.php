<?php

declare(strict_types=1);

namespace Tests\Core\Run;

use Evrent\Core\Messages\Text;
use Evrent\Core\Motion\Axis;
use Evrent\Core\Motion\AxisKind;
use Evrent\Core\Run\Before\AxisReport;
use Evrent\Core\Run\Before\Contradiction;
use Evrent\Core\Run\Before\Contradictions;
use Evrent\Core\Run\Before\Readout;
use Evrent\Core\Run\Before\RigReport;
use Evrent\Core\Run\DevicesSay;
use Evrent\Core\Run\Take\Director;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Setting;
use Evrent\Core\Run\Take\StepKind;
use Evrent\Core\Run\Take\TakeState;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;
use Tests\Core\Said;

/**
 * What devices tell before the first photo, against a plan of 240 photos of 0.5 s, f/8, ISO 100, from slide 40 to 860 mm, on 23 March 2027 at 19:00.
 */
final class ContradictionsTest extends TestCase
{
    private const SET = ['focus mode' => 'manual', 'white balance' => 'daylight', 'ISO' => '100', 'shutter time' => '0.5 s', 'aperture' => 'f/8'];

    /** 19:00 at Saltreach, before summer time: UTC. */
    private const PLANNED = 1_805_828_400.0;

    /**
     * @return iterable<string, array{Readout, array<array-key, string>, string}>
     */
    public static function cases(): iterable
    {
        $settings = static fn (string $what = '', string $is = ''): Readout => new Readout(new DevicesSay(settings: ($what === '' ? [] : [$what => $is]) + self::SET), settable: ['focus', 'clock']);
        $rig = static fn (?float $min = 0.0, ?float $max = 1200.0, float $speed = 30.0, float $steps = 200.0): Readout => new Readout(
            rig: new RigReport([new AxisReport('X', $min, $max, $speed, 60.0, $steps)]),
            letters: ['slide' => 'X', 'pan' => 'C'],
        );
        yield 'all as planned' => [$settings(), [], ''];
        yield 'the planned mark in other words' => [$settings('shutter time', '1/2'), [], ''];
        yield 'nothing told' => [new Readout(), [], ''];
        yield 'autofocus that can be set' => [$settings('focus mode', 'AF-S'), ['focus' => 'takes.before.set_focus'], 'takes.before.focus(mode: AF-S)'];
        yield 'autofocus on the lens' => [new Readout(new DevicesSay(settings: ['focus mode' => 'automatic'] + self::SET)), ['focus'], 'takes.before.focus_by_hand('];
        yield 'a shutter time that was refused' => [$settings('shutter time', '1/125'), ['camera shutter time'], 'has: 1/125, wants: 0.5)'];
        yield 'a third of a stop off is as planned' => [$settings('shutter time', '0.4 s'), [], ''];
        yield 'automatic ISO' => [$settings('ISO', 'Auto'), ['camera ISO'], 'setting: run.setting.iso, has: Auto, wants: 100)'];
        yield 'automatic white balance' => [$settings('white balance', 'automatic'), ['camera white balance'], 'wants: takes.before.fixed)'];
        yield 'too little room' => [new Readout(new DevicesSay(photosLeft: 239)), ['card'], 'run.devices.card(count: 239, planned: 240)'];
        yield 'an empty battery' => [new Readout(new DevicesSay(cameraBattery: 1)), ['battery'], 'run.devices.camera_battery_needed(percent: 1,'];
        yield 'a clock that is a minute fast' => [new Readout(clockAheadSeconds: 60.0), [], ''];
        yield 'a clock that is five minutes slow' => [new Readout(clockAheadSeconds: -300.0, settable: ['clock']), ['clock' => 'takes.before.set_clock'], 'takes.before.clock_slow(duration: 300)'];
        yield 'a start half a day later' => [new Readout(startsAt: self::PLANNED + 12.0 * 3_600.0), [], ''];
        yield 'a start a minute later still' => [new Readout(startsAt: self::PLANNED + 12.0 * 3_600.0 + 60.0), ['planned light'], 'takes.before.light_late('];
        yield 'a start months before' => [new Readout(startsAt: self::PLANNED - 100.0 * 86_400.0), ['planned light'], 'takes.before.light_early(by: 100 day)'];
        yield 'a rig that is not homed' => [new Readout(new DevicesSay(isHomed: false)), ['rig place' => 'takes.before.home'], 'takes.before.not_homed'];
        yield 'a rig that is elsewhere' => [new Readout(new DevicesSay(isHomed: true), positions: ['slide' => 300.0]), ['rig place' => 'takes.before.drive'], 'stands: 300 mm'];
        yield 'a rig at photo 1' => [new Readout(new DevicesSay(isHomed: true), positions: ['slide' => 40.0]), [], ''];
        yield 'a rig without the plan’s pan' => [$rig(), ['rig axes'], 'takes.before.no_axes(missing: [pan (C), tilt (?)], axes: [X])'];
        yield 'a rig too short' => [$rig(max: 500.0), ['rig axes', 'rig slide travel'], 'takes.before.travel(axis: axes.slide, from: 40, to: 860 mm, min: 0, max: 500 mm)'];
        yield 'a slower rig' => [$rig(speed: 12.0), ['rig axes', 'rig slide speed'], 'takes.before.speed(axis: axes.slide, speed: 12 mm/s'];
        yield 'a coarser rig' => [$rig(steps: 80.0), ['rig axes', 'rig slide steps'], 'takes.before.steps(axis: axes.slide, steps: 80, unit: mm, planned: 160)'];
        yield 'a rig without ends' => [$rig(null, null), ['rig axes'], 'missing: [pan'];
        yield 'a rig that reports no axes' => [new Readout(rig: new RigReport([], 60.0), letters: ['slide' => 'X', 'pan' => 'C']), [], ''];
    }

    /**
     * @param array<array-key, string> $about what is found; with what its button says where it can be set
     */
    #[DataProvider('cases')]
    public function testWhatContradictsThePlanIsListed(Readout $readout, array $about, string $says): void
    {
        $found = Contradictions::of(self::schedule(), $readout, true);
        $expected = [];
        foreach ($about as $key => $value) {
            $expected[is_string($key) ? $key : $value] = is_string($key) ? $value : null;
        }
        self::assertSame($expected, array_combine(
            array_map(static fn (Contradiction $one): string => $one->about, $found),
            array_map(static fn (Contradiction $one): ?string => $one->set === null ? null : (string) $one->set, $found),
        ));
        self::assertStringContainsString($says, Said::all(array_map(static fn (Contradiction $one): Text|string => $one->says, $found)));
        foreach ($found as $one) {
            self::assertSame($one->about === 'rig axes' || str_ends_with($one->about, 'travel'), $one->isRefused, $one->about);
        }
    }

    /** A rig that reports nothing is what the kit says it is. */
    public function testARigThatReportsNothingIsWhatTheKitHas(): void
    {
        $kit = [new Axis('slide', AxisKind::Linear, 0.0, 700.0, 30.0, 60.0, 200.0), new Axis('pan', AxisKind::Rotary, null, null, 12.0, 30.0, 100.0, isEndless: true)];
        $letters = ['slide' => 'X', 'pan' => 'Y', 'tilt' => 'Z'];
        $report = RigReport::ofKit($kit, $letters);
        self::assertSame([['X', 'Y'], null, 700.0], [$report->letters(), $report->axis('Y')?->max, $report->axis('X')?->max]);
        $found = Contradictions::of(self::schedule(), new Readout(rig: $report, letters: $letters), true);
        self::assertSame(['rig axes', 'rig slide travel'], array_map(static fn (Contradiction $one): string => $one->about, $found));
    }

    /** Nothing moves before the rig's are resolved, and no photo is due before all are. */
    public function testTheStartWaitsForEachAnswer(): void
    {
        $state = new TakeState(self::schedule());
        $next = static fn (): StepKind => Director::next($state, new Setting(cameraTells: true), 100.0)->kind;
        $write = static fn (LogKind $kind, string $about = '', string $says = '', string $how = '', string $because = '', string $set = '', string $order = '') => $state->take(new LogLine(
            $kind,
            1.0,
            null,
            array_filter(compact('about', 'says', 'how', 'because', 'set', 'order'), static fn (string $value): bool => $value !== ''),
        ));
        $write(LogKind::Contradiction, about: 'rig place', says: 'not homed', set: 'Home rig');
        $write(LogKind::Contradiction, about: 'focus', says: 'automatic', set: 'Set focus to manual');
        $write(LogKind::Contradiction, about: 'card', says: 'too small');
        self::assertSame(StepKind::Wait, $next());
        // "Set all" sets what can be set, one after the other.
        $write(LogKind::Command, order: 'set_it');
        self::assertSame([StepKind::SetIt, ['rig place', 'focus']], [$next(), $state->toSet]);
        $write(LogKind::Resolved, about: 'rig place', how: 'set');
        $write(LogKind::Resolved, about: 'focus', how: 'set');
        self::assertSame(StepKind::Home, $next());
        $write(LogKind::Homed);
        self::assertSame(StepKind::Move, $next());
        $state->take(new LogLine(LogKind::Arrived, 2.0, 1, []));
        self::assertSame(StepKind::Wait, $next());
        $write(LogKind::Resolved, about: 'card', how: 'as_is', because: 'the second card is empty');
        self::assertSame(StepKind::Start, $next());
    }

    private static function schedule(): Schedule
    {
        return Schedule::of(Plans::with([
            '/timing/photos' => 240, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/exposure_s' => 0.5,
            '/light' => ['aperture' => 8, 'iso' => 100], '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00'],
            '/power' => ['camera' => ['battery_wh' => 16]],
        ]));
    }
}
