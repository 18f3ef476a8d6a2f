<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Checks\Report;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Motion\Move;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What the history says of a change.
 */
final class PlanChangesTest extends TestCase
{
    /**
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function changes(): iterable
    {
        yield 'photos' => [['/timing/photos' => 300], 'history.changed(name: fields.timing_photos, from: 216, to: 300)'];
        yield 'an exposure as people write it' => [['/timing/exposure_s' => 1 / 60], 'history.changed(name: fields.timing_exposure_s, from: 0.8, to: units.plain(first: units.plain(first: 1/60, last:  ), last: s))'];
        yield 'a choice' => [['/move/easing/shape' => 'cubic'], 'history.changed(name: fields.move_easing_shape, from: choices.ease_shape.constant, to: choices.ease_shape.cubic)'];
        yield 'a switch' => [['/camera/long_exposure_noise_reduction' => true], 'history.changed(name: fields.camera_long_exposure_noise_reduction, from: history.off, to: history.on)'];
        yield 'an axis by its name' => [['/rig/axes/2/max_speed' => 5], 'history.changed(name: history.of_axis(axis: axes.tilt, field: fields.rig_axes_max_speed), from: 8, to: units.plain(first: 5, last: °/s))'];
        yield 'a keyframe by its letter' => [['/move/keyframes/1/slide' => 900], 'history.changed(name: history.at_keyframe(field: axes.slide, peg: B), from: 860, to: units.plain(first: units.plain(first: 900, last:  ), last: mm))'];
        yield 'two' => [['/timing/interval_s' => 9, '/rig/settle_s' => 1], 'units.comma(first: history.changed(name: fields.timing_interval_s, from: 8, to: units.plain(first: units.plain(first: 9, last:  ), last: s)), last: history.changed(name: fields.rig_settle_s, from: 0.8, to: units.plain(first: units.plain(first: 1, last:  ), last: s)))'];
        yield 'hours of each day' => [
            ['/window' => ['from' => ['event' => 'sunrise', 'offset_s' => 1_800], 'until' => ['event' => 'clock', 'at' => '18:00']]],
            'units.comma(first: history.changed(name: fields.window_from, from: history.none, to: starts.after(span: 1800, event: starts.event.sunrise)), last: history.changed(name: fields.window_until, from: history.none, to: 18:00))',
        ];
        yield 'an end by the clock' => [['/end' => ['by' => 'time', 'at' => ['event' => 'clock', 'at' => '23:30']]], 'units.comma(first: history.changed(name: fields.end_at, from: history.none, to: 23:30), last: history.changed(name: fields.end_by, from: history.none, to: plan.ends_by.time))'];
        yield 'the intervals of a timer' => [['/trigger/intervals_s' => [1, 2, 5]], 'history.changed(name: fields.trigger_intervals_s, from: history.none, to: units.plain(first: units.plain(first: 1, 2, 5, last:  ), last: s))'];
        yield 'many' => [
            ['/timing/photos' => 300, '/timing/interval_s' => 9, '/rig/settle_s' => 1, '/camera/write_s' => 2],
            'history.and_more(first: history.changed(name: fields.timing_photos, from: 216, to: 300), count: 3)',
        ];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('changes')]
    public function testTellsWhatWasChangedFromWhatToWhat(array $changes, string $told): void
    {
        self::assertSame($told, (string) PlanChanges::told(Plans::with([]), Plans::with($changes)));
    }

    public function testIsToldInOtherUnitsToo(): void
    {
        $plan = Plans::with([]);
        $changed = Plans::with(['/move/keyframes/1/slide' => 914.4, '/rig/axes/0/max_speed' => 50.8, '/move/keyframes/1/pan' => -21]);
        self::assertSame(
            'units.comma(first: units.comma(first: history.changed(name: history.of_axis(axis: axes.slide, field: fields.rig_axes_max_speed), from: 0.984, to: units.plain(first: units.plain(first: 2, last:  ), last: in/s)), last: history.changed(name: history.at_keyframe(field: axes.slide, peg: B), from: 33.858, to: units.plain(first: units.plain(first: 36, last:  ), last: in))), last: history.changed(name: history.at_keyframe(field: axes.pan, peg: B), from: 21, to: units.plain(first: -21, last: °)))',
            (string) PlanChanges::told($plan, $changed, new ShownUnits('in')),
        );
    }

    public function testTellsWhatCameAndWhatWent(): void
    {
        $plain = Plans::with([]);
        $described = $plain->withOptics(Optics::usual());
        self::assertSame('history.and_more(first: history.changed(name: fields.optics_sensor_width_mm, from: history.none, to: units.plain(first: units.plain(first: 36, last:  ), last: mm)), count: 12)', (string) PlanChanges::told($plain, $described));
        self::assertSame('history.and_more(first: history.changed(name: fields.optics_sensor_width_mm, from: 36, to: history.none), count: 12)', (string) PlanChanges::told($described, $plain));
        self::assertSame('history.nothing_changed', (string) PlanChanges::told($described, $described));
    }

    public function testKeyframesAreLetteredPastZ(): void
    {
        self::assertSame(['A', 'B', 'Z', 'AA', 'AZ', 'BA', 'ZZ', 'AAA'], array_map(Move::peg(...), [0, 1, 25, 26, 51, 52, 701, 702]));
    }

    /**
     * @return iterable<string, array{Plan}>
     */
    public static function plans(): iterable
    {
        return Plans::drawn(25);
    }

    #[DataProvider('plans')]
    public function testTheValuesOfARemedyLaidOverThePlanAreTheMendedPlan(Plan $plan): void
    {
        foreach (Report::on(Shot::of($plan))->findings as $finding) {
            foreach ($finding->remedies() as $remedy) {
                $document = PlanWriter::toDocument($plan);
                foreach (PlanChanges::values($plan, $remedy->mended) as $pointer => $value) {
                    self::lay($document, explode('/', ltrim($pointer, '/')), $value);
                }
                self::assertSame(PlanWriter::toDocument($remedy->mended), PlanWriter::toDocument(PlanReader::fromJson(json_encode($document, JSON_THROW_ON_ERROR))));
            }
        }
        self::assertSame([], PlanChanges::values($plan, $plan));
    }

    /**
     * @param array<array-key, mixed> $document
     * @param list<string>            $names
     */
    private static function lay(array &$document, array $names, mixed $value): void
    {
        $name = array_shift($names);
        if ($names !== []) {
            $inner = $document[$name] ?? [];
            self::assertIsArray($inner);
            self::lay($inner, $names, $value);
            $document[$name] = $inner;
        } elseif ($value === null) {
            unset($document[$name]);
        } else {
            $document[$name] = $value;
        }
    }
}
