<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Checks\Report;
use Evrent\Core\Format\PlanChanges;
use Evrent\Core\Format\ShownUnits;
use Evrent\Core\Format\PlanReader;
use Evrent\Core\Format\PlanWriter;
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
        yield 'photos' => [['/timing/photos' => 300], 'photos 216 → 300'];
        yield 'an exposure as people write it' => [['/timing/exposure_s' => 1 / 60], 'exposure 0.8 → 1/60 s'];
        yield 'a choice' => [['/move/easing/shape' => 'cubic'], 'shape constant → cubic'];
        yield 'a switch' => [['/camera/long_exposure_noise_reduction' => true], 'noise reduction off → on'];
        yield 'an axis by its name' => [['/rig/axes/2/max_speed' => 5], 'tilt top speed 8 → 5°/s'];
        yield 'a keyframe by its letter' => [['/move/keyframes/1/slide' => 900], 'slide at B 860 → 900 mm'];
        yield 'two' => [['/timing/interval_s' => 9, '/rig/settle_s' => 1], 'interval 8 → 9 s, settling 0.8 → 1 s'];
        yield 'hours of each day' => [
            ['/window' => ['from' => ['event' => 'sunrise', 'offset_s' => 1_800], 'until' => ['event' => 'clock', 'at' => '18:00']]],
            'each day from none → 30 min after sunrise, each day until none → 18:00',
        ];
        yield 'an end by the clock' => [['/end' => ['by' => 'time', 'at' => ['event' => 'clock', 'at' => '23:30']]], 'end none → 23:30, ends none → time'];
        yield 'the intervals of a timer' => [['/trigger/intervals_s' => [1, 2, 5]], 'intervals it has none → 1, 2, 5 s'];
        yield 'many' => [
            ['/timing/photos' => 300, '/timing/interval_s' => 9, '/rig/settle_s' => 1, '/camera/write_s' => 2],
            'photos 216 → 300 and 3 more',
        ];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('changes')]
    public function testTellsWhatWasChangedFromWhatToWhat(array $changes, string $told): void
    {
        self::assertSame($told, PlanChanges::told(Plans::with([]), Plans::with($changes)));
    }

    public function testIsToldInOtherUnitsToo(): void
    {
        $plan = Plans::with([]);
        $changed = Plans::with(['/move/keyframes/1/slide' => 914.4, '/rig/axes/0/max_speed' => 50.8, '/move/keyframes/1/pan' => -21]);
        self::assertSame(
            'slide top speed 0.9843 → 2 in/s, slide at B 33.8583 → 36 in, pan at B 21 → −21°',
            PlanChanges::told($plan, $changed, new ShownUnits('in')),
        );
    }

    public function testTellsWhatCameAndWhatWent(): void
    {
        $plain = Plans::with([]);
        $described = $plain->withOptics(Optics::usual());
        self::assertSame('sensor width none → 36 mm and 12 more', PlanChanges::told($plain, $described));
        self::assertSame('sensor width 36 → none and 12 more', PlanChanges::told($described, $plain));
        self::assertSame('nothing changed', PlanChanges::told($described, $described));
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
