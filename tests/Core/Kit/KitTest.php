<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use Evrent\Core\Editing\Picking;
use Evrent\Core\Format\KitFormat;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
use Evrent\Core\Format\TypedPlan;
use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Kit\TypedKit;
use Evrent\Core\Motion\Keyframe;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Drain;
use Evrent\Core\Values\InvalidInput;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Plans;

final class KitTest extends TestCase
{
    private const SLIDE = [
        'slide_min' => 0.0,
        'slide_max' => 600.0,
        'slide_max_speed' => 20.0,
        'slide_max_acceleration' => 50.0,
        'slide_steps_per_unit' => 100.0,
    ];

    /**
     * Pieces of every kind, with every number somewhere in its range.
     *
     * @return list<KitItem>
     */
    private static function pieces(int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $pieces = [];
        foreach (KitKind::cases() as $kind) {
            $values = [];
            foreach ($kind->fields() as $field => $known) {
                $value = max($known->least, 0.0) + (min($known->most, 1000.0) - max($known->least, 0.0)) * $random->getInt(0, 1000) / 1000.0;
                $values[$field] = match (true) {
                    str_ends_with($field, '_min') => -round($value),
                    str_ends_with($field, '_max') => round($value) + 1.0 > $known->most ? $known->most : round($value) + 1.0,
                    $known->whole => max($known->least, round($value)),
                    default => min($known->most, max($known->least, round($value, 3))),
                };
            }
            $values = $kind === KitKind::Rig ? self::SLIDE + array_filter(
                $values,
                static fn (string $field): bool => !str_starts_with($field, 'slide_'),
                ARRAY_FILTER_USE_KEY,
            ) : $values;
            $pieces[] = new KitItem(
                $kind,
                "Piece “{$kind->value}”, {$seed}",
                $values,
                $random->getInt(1, 20),
                $seed % 2 === 0 ? '' : "a; \"note\", with all; 1,5",
                intervals: $kind->hasTimer() && $seed % 3 === 0 ? [0.5, 1.0, 12.0, 60.0] : [],
            );
        }

        return $pieces;
    }

    public function testKitComesBackTheSameFromBothFormatsAndFromItsFields(): void
    {
        for ($seed = 1; $seed <= 20; $seed++) {
            $pieces = self::pieces($seed);
            self::assertEquals($pieces, KitFormat::read(KitFormat::toJson($pieces)));
            $csv = fopen('php://memory', 'w+b');
            self::assertNotFalse($csv);
            foreach (KitFormat::rows($pieces) as $row) {
                fputcsv($csv, $row, ',', '"', '');
            }
            rewind($csv);
            self::assertEquals($pieces, KitFormat::read((string) stream_get_contents($csv)));
            foreach ($pieces as $piece) {
                self::assertEquals($piece, TypedKit::read(['kind' => $piece->kind->value] + TypedKit::texts($piece)));
            }
        }
    }

    /** Whatever is picked, the plan stays one that can be written, read and scheduled, and says what it carries. */
    public function testEveryPieceGoesIntoEveryPlan(): void
    {
        foreach (array_values(iterator_to_array(Plans::drawn(12))) as $n => [$plan]) {
            foreach (self::pieces($n + 1) as $piece) {
                try {
                    $picked = Picking::pick($plan, $piece, 2);
                } catch (InvalidInput $invalid) {
                    // A random rig may not reach where the plan goes, or its body write too slowly for its buffer: said, not done.
                    self::assertNotSame('', $invalid->problems[0]->message);
                    continue;
                }
                self::assertSame(PlanWriter::toJson($picked), PlanWriter::toJson(PlanReader::fromJson(PlanWriter::toJson($picked))));
                self::assertContains($piece->name, array_column($picked->kit, 'name'));
                self::assertGreaterThan(0, Schedule::of($picked)->photosTotal());
                self::assertNotContains($piece->name, array_column(Picking::out($picked, count($picked->kit) - 1)->kit, 'name'));
            }
        }
    }

    /**
     * @param array<string, float> $values
     */
    private static function picked(KitKind $kind, array $values, int $count = 1): Plan
    {
        return Picking::pick(Plans::with(['/light' => ['aperture' => 4, 'filters' => [6]]]), new KitItem($kind, 'X', $values), $count);
    }

    public function testWhatIsPickedStandsInThePlan(): void
    {
        self::assertSame([3.0, 6.0], self::picked(KitKind::Filter, ['nd_stops' => 3.0])->light?->filters);
        self::assertSame([3.0, 3.0, 6.0], self::picked(KitKind::Filter, ['nd_stops' => 3.0], 2)->light?->filters);
        self::assertSame([64.0], self::picked(KitKind::Card, ['capacity_gb' => 64.0])->storage?->cardsGigabytes);
        self::assertSame(5.6, self::picked(KitKind::Lens, ['focal_mm' => 300.0, 'widest_aperture' => 5.6])->light?->aperture);
        self::assertSame(4.0, self::picked(KitKind::Lens, ['focal_mm' => 20.0, 'widest_aperture' => 1.8])->light?->aperture);
        self::assertSame(12.5, self::picked(KitKind::CameraBattery, ['battery_wh' => 12.5])->power?->camera?->battery->wattHours);
        self::assertSame(80.0, self::picked(KitKind::RigBattery, ['battery_wh' => 80.0])->power?->rig?->battery->wattHours);
        self::assertEquals(['slide'], self::picked(KitKind::Rig, self::SLIDE)->rig->axisIds());
    }

    public function testAPhoneGoesByItsOwnTimerAndItsListOfIntervals(): void
    {
        $phone = TypedKit::read([
            'kind' => 'body', 'name' => 'Phone', 'sensor_width_mm' => '9.8', 'sensor_height_mm' => '7.3', 'image_width_px' => '4080',
            'image_height_px' => '3060', 'address' => 'own', 'intervals_s' => '10 s, 1, 2 5;1 min',
        ]);
        self::assertSame([1.0, 2.0, 5.0, 10.0, 60.0], $phone->intervals);
        $plan = Picking::pick(Plans::with(['/timing/interval_s' => 15.1]), $phone);
        self::assertTrue($plan->trigger->isCamera());
        self::assertSame([10.0, 60.0], $plan->trigger->settingsAround(15.1));
        self::assertSame('1 2 5 10 60', TypedKit::texts($phone)['intervals_s']);
        // Another body has none of it.
        $other = TypedKit::read(['address' => '', 'intervals_s' => '', 'name' => 'Body'] + TypedKit::texts($phone) + ['kind' => 'body']);
        $then = Picking::pick($plan, $other)->trigger;
        self::assertSame([false, [], null], [$then->isCamera(), $then->intervals, $then->countLimit]);
    }

    public function testAPocketCameraOnATripodGoesByItselfUnlessATimerFiresIt(): void
    {
        $pocket = new KitItem(KitKind::Body, 'Pocket', [
            'sensor_width_mm' => 13.2, 'sensor_height_mm' => 8.8, 'image_width_px' => 5472.0, 'image_height_px' => 3648.0,
            'interval_step_s' => 1.0, 'counts_to' => 999.0,
        ]);
        $timer = new KitItem(KitKind::Timer, 'Plain', ['interval_step_s' => 0.5, 'counts_to' => 399.0]);
        $legs = PlanReader::fromJson((string) file_get_contents(dirname(__DIR__, 3) . '/resources/plans/legs-alone.plan.json'));
        $alone = Picking::pick($legs, $pocket)->trigger;
        self::assertSame([true, 1.0, 999], [$alone->isCamera(), $alone->intervalStepSeconds, $alone->countLimit]);
        $both = Picking::pick(Picking::pick($legs, $timer), $pocket)->trigger;
        self::assertSame([false, 0.5, 399], [$both->isCamera(), $both->intervalStepSeconds, $both->countLimit]);
        $onRig = Picking::pick(Plans::with([]), $pocket)->trigger;
        self::assertSame([false, null], [$onRig->isCamera(), $onRig->intervalStepSeconds], 'the rig fires it');
    }

    public function testARigThatIsPluggedInHasNoBatteryToEndIt(): void
    {
        $rig = self::picked(KitKind::Rig, self::SLIDE + ['mains' => 1.0]);
        self::assertTrue($rig->power?->rig?->isOnMains);
        self::assertNull(Drain::of(Schedule::of($rig))?->rig);
    }

    public function testAPanOnlyHeadLeavesOnePanAndNothingElseThatMoves(): void
    {
        $head = new KitItem(KitKind::Rig, 'Pan only', [
            'pan_max_speed' => 8.0, 'pan_max_acceleration' => 20.0, 'pan_steps_per_unit' => 142.0, 'pan_endless' => 1.0,
        ]);
        $plan = Picking::pick(Plans::with([]), $head);
        self::assertSame(['pan'], $plan->rig->axisIds());
        self::assertSame([['pan'], ['pan']], array_map(static fn (Keyframe $keyframe): array => array_keys($keyframe->positions), $plan->move->keyframes));
    }

    /**
     * @return iterable<string, array{list<array<string, string>>}> what is typed into raw and JPEG, one after the other
     */
    public static function jpegAlone(): iterable
    {
        yield 'JPEG first' => [[['jpeg_mb' => '9'], ['raw_mb' => '0']]];
        yield 'raw first' => [[['raw_mb' => '0'], ['jpeg_mb' => '9']]];
        yield 'raw emptied' => [[['raw_mb' => ''], ['jpeg_mb' => '9']]];
        yield 'both at once' => [[['raw_mb' => '0', 'jpeg_mb' => '9']]];
        yield 'with a change of mind' => [[['raw_mb' => '0'], ['raw_mb' => '25'], ['jpeg_mb' => '9'], ['raw_mb' => '0']]];
    }

    /**
     * @param list<array<string, string>> $typed
     */
    #[DataProvider('jpegAlone')]
    public function testJpegAloneIsTypedInAnyOrder(array $typed): void
    {
        $plan = Plans::with(['/storage' => ['raw_mb' => 30, 'cards_gb' => [64]]]);
        foreach ($typed as $storage) {
            $plan = TypedPlan::change($plan, ['storage' => $storage]);
        }
        self::assertSame([0.0, 9.0], [$plan->storage?->rawMegabytes, $plan->storage?->jpegMegabytes]);
        $body = ['sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6000.0, 'image_height_px' => 4000.0, 'raw_mb' => 28.0];
        $picked = Picking::pick($plan, new KitItem(KitKind::Body, 'X', $body + ['jpeg_mb' => 11.0]));
        self::assertSame([0.0, 11.0], [$picked->storage?->rawMegabytes, $picked->storage?->jpegMegabytes], 'it stays JPEG alone');
        $rawOnly = Picking::pick($plan, new KitItem(KitKind::Body, 'X', $body));
        self::assertSame([0.0, 9.0], [$rawOnly->storage?->rawMegabytes, $rawOnly->storage?->jpegMegabytes]);
    }

    public function testWhatIsPutInForAFileTakenOutIsAssumedAndGoesWithIt(): void
    {
        $plan = Plans::with(['/storage' => ['raw_mb' => 30, 'cards_gb' => [64]]]);
        $jpeg = TypedPlan::change($plan, ['storage' => ['raw_mb' => '0']]);
        self::assertSame(10.0, $jpeg->storage?->jpegMegabytes);
        self::assertTrue($jpeg->provenance->isAssumed('/storage/jpeg_mb'));
        $raw = TypedPlan::change($jpeg, ['storage' => ['raw_mb' => '25']]);
        self::assertSame([25.0, 0.0], [$raw->storage?->rawMegabytes, $raw->storage?->jpegMegabytes]);
    }

    /**
     * @return iterable<string, array{array<string, string>, string, string}> what is typed, the field, and what it says
     */
    public static function mistakes(): iterable
    {
        yield 'no kind' => [['kind' => 'boat', 'name' => 'X'], '/kind', 'kit.typed_kit.kind'];
        yield 'no name' => [['kind' => 'cable', 'name' => ' '], '/name', 'kit.kit_item.name(most: 120)'];
        yield 'a card of nothing' => [['kind' => 'card', 'name' => 'X', 'capacity_gb' => '0'], '/capacity_gb', '0.001'];
        yield 'a card that does not say' => [['kind' => 'card', 'name' => 'X'], '/capacity_gb', 'kit.kit_item.needed(what: kit.kit_item.in_unit(label: kit.kit_kind.usable, unit: GB), kind: kit.kind.card)'];
        yield 'words for a number' => [['kind' => 'card', 'name' => 'X', 'capacity_gb' => 'big'], '/capacity_gb', 'kit.typed_kit.number'];
        yield 'half a piece' => [['kind' => 'cable', 'name' => 'X', 'count' => '1.5'], '/count', 'kit.typed_kit.count'];
        yield 'half an axis' => [
            ['kind' => 'rig', 'name' => 'X', 'slide_min' => '0', 'slide_max' => '9'],
            '/slide_max_speed',
            'kit.kit_item.all_or_none(id: axes.slide)',
        ];
        yield 'no axis' => [['kind' => 'rig', 'name' => 'X'], '/slide_min', 'kit.kit_item.axes'];
        yield 'travel that ends before it begins' => [
            ['kind' => 'rig', 'name' => 'X', 'slide_min' => '900'] + array_map(strval(...), self::SLIDE),
            '/slide_max',
            'kit.kit_item.travel',
        ];
        yield 'intervals in words' => [['kind' => 'timer', 'name' => 'X', 'intervals_s' => '1 two 5'], '/intervals_s', 'kit.typed_kit.intervals'];
        yield 'an interval of nothing' => [['kind' => 'timer', 'name' => 'X', 'intervals_s' => '0 1'], '/intervals_s', 'values.above_zero(what: what.intervals, most: 86400)'];
        yield 'intervals of a card' => [['kind' => 'card', 'name' => 'X', 'capacity_gb' => '8', 'intervals_s' => '1 2'], '/intervals_s', 'kit.kit_item.no_intervals'];
        yield 'an efficiency above all' => [
            ['kind' => 'power_bank', 'name' => 'X', 'capacity_wh' => '70', 'efficiency' => '1.2'],
            '/efficiency',
            'values.between(what: kit.kit_item.in_unit(label: kit.kit_kind.usable_share, unit: 0…1), least: 0.05, most: 1)',
        ];
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('mistakes')]
    public function testMistakesAreToldByTheField(array $typed, string $pointer, string $says): void
    {
        try {
            TypedKit::read($typed);
            self::fail('taken');
        } catch (InvalidInput $invalid) {
            $messages = array_column($invalid->problems, 'message', 'pointer');
            self::assertArrayHasKey($pointer, $messages);
            self::assertStringContainsString($says, (string) $messages[$pointer]);
        }
    }

    public function testAPieceIsKnownByOneLine(): void
    {
        self::assertSame('kit.kit_item.axis(axis: axes.slide, length: 600 mm)', (string) (new KitItem(KitKind::Rig, 'X', self::SLIDE))->inShort());
        self::assertSame(
            'kit.kit_item.sensor(width: 36, height: 24)',
            (string) (new KitItem(
                KitKind::Body,
                'X',
                ['sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6000.0, 'image_height_px' => 4000.0],
            ))->inShort(),
        );
        self::assertSame('10 stops', Words::say((new KitItem(KitKind::Filter, 'X', ['nd_stops' => 10.0]))->inShort()));
        self::assertSame('', (new KitItem(KitKind::Cable, 'X', []))->inShort());
    }

    public function testATableHoldsNoFormulasAndComesBackAsItWas(): void
    {
        $names = ['=HYPERLINK("http://there")', '+1', '-legs', '@card', "'=quoted", "''@twice", "plain '=", 'a=b'];
        $items = array_map(static fn (string $name): KitItem => new KitItem(KitKind::Cable, $name, [], 1, $name), $names);
        $lines = [];
        foreach (KitFormat::rows($items) as $row) {
            foreach ($row as $cell) {
                self::assertDoesNotMatchRegularExpression('/^[=+@\t\r]|^-\D/', $cell);
            }
            $lines[] = implode(',', array_map(static fn (string $cell): string => '"' . str_replace('"', '""', $cell) . '"', $row));
        }
        self::assertSame($names, array_column(KitFormat::read(implode("\n", $lines)), 'name'));
        self::assertSame($names, array_column(KitFormat::read(implode("\n", $lines)), 'note'));
    }
}
