<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use Evrent\Core\Day\Hazard;
use Evrent\Core\Day\Packed;
use Evrent\Core\Day\PackingList;
use Evrent\Core\Day\ShotFigures;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class PackingListTest extends TestCase
{
    private const CARDS = 'day.packing_list.cards(size: 16)';

    /**
     * @param list<array<string, mixed>> $shots plans' changes
     * @param list<Hazard>               $hazards
     *
     * @return array<string, Packed> by what it is
     */
    private static function packed(array $shots, array $hazards = [], float $onSite = 0.0): array
    {
        $schedules = array_map(static fn (array $changes): Schedule => Schedule::of(Plans::with($changes)), $shots);

        $packed = [];
        foreach (PackingList::of(array_map(static fn (Schedule $schedule): ShotFigures => ShotFigures::of(Shot::on($schedule)), $schedules), $hazards, $onSite) as $one) {
            $packed[(string) $one->what] = $one;
        }

        return $packed;
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<string>
     */
    private static function filters(array $changes): array
    {
        return array_keys(array_filter(self::packed([$changes]), static fn (Packed $one): bool => $one->kind === 'filter'));
    }

    public function testNothingIsPackedForNothing(): void
    {
        self::assertSame([], PackingList::of([], []));
    }

    public function testWhatShotsShareIsPackedOnceAndWhatTheyUseUpAddsUp(): void
    {
        $shot = static fn (string $title): array => [
            '/title' => $title, '/timing/photos' => 200, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/kit' => [
                ['kind' => 'legs', 'name' => 'Heavy tripod'],
                ['kind' => 'body', 'name' => 'One'],
                ['kind' => 'cable', 'name' => 'Trigger', 'count' => 2],
            ],
            '/storage' => ['raw_mb' => 50, 'cards_gb' => [16]], '/power' => ['camera' => ['battery_wh' => 1, 'idle_w' => 1]],
        ];
        $one = self::packed([$shot('Ebb')]);
        $two = self::packed([$shot('Ebb'), $shot('Flood')]);
        self::assertSame([1, 'day.packing_list.for(shots: [Ebb, Flood])'], [$two['Heavy tripod']->count, (string) $two['Heavy tripod']->why]);
        self::assertSame(2, $two['Trigger']->count);
        self::assertSame([1, 'day.packing_list.come_to(what: [200], gigabytes: 10, copies: )'], [$one[self::CARDS]->count, (string) $one[self::CARDS]->why]);
        self::assertSame([2, 'day.packing_list.come_to(what: [400], gigabytes: 20, copies: )'], [$two[self::CARDS]->count, (string) $two[self::CARDS]->why]);
        self::assertGreaterThan($one['day.packing_list.charged']->count, $two['day.packing_list.charged']->count);
        self::assertSame('body', array_values($two)[0]->kind, 'in the order of the kit’s kinds');
    }

    public function testPhotosOnTwoCardsTakeTwiceTheRoom(): void
    {
        $packed = self::packed([[
            '/timing/photos' => 200,
            '/timing/head_photos' => 0,
            '/timing/tail_photos' => 0,
            '/storage' => ['raw_mb' => 50, 'cards_gb' => [16, 16], 'slots' => 'copy'],
        ]]);
        self::assertSame([2, 'day.packing_list.come_to(what: [200], gigabytes: 20, copies: day.packing_list.two_cards)'], [$packed[self::CARDS]->count, (string) $packed[self::CARDS]->why]);
    }

    public function testColdTakesMoreBatteries(): void
    {
        $count = static fn (float $celsius): int => self::packed([[
            '/timing/photos' => 300, '/power' => ['camera' => ['battery_wh' => 0.4, 'idle_w' => 2], 'temperature_c' => $celsius],
        ]])['day.packing_list.charged']->count;
        self::assertGreaterThan($count(20.0), $count(-20.0));
    }

    public function testAFilterThatNobodyPickedIsAskedFor(): void
    {
        $noon = [
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'], '/light' => ['aperture' => 8], '/timing/exposure_s' => 1, '/timing/interval_s' => 8, '/title' => 'Noon',
        ];
        self::assertMatchesRegularExpression('~^day\.packing_list\.nd\(stops: 8\.\d\)$~', self::filters($noon)[0]);
        self::assertSame(['My ND'], self::filters($noon + ['/kit' => [['kind' => 'filter', 'name' => 'My ND']]]));
        self::assertSame([], self::filters(['/timing/exposure_s' => 0.001] + $noon));
    }

    public function testAFilterIsPackedOnlyWhereExposureAndIsoCannotGiveWay(): void
    {
        $day = ['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'], '/timing/interval_s' => 8, '/title' => 'Noon'];
        // 1/8 s of 8 s blurs nothing: it may as well be 1/1000 s.
        self::assertSame([], self::filters(['/timing/exposure_s' => 0.125, '/light' => ['aperture' => 8]] + $day));
        // ISO comes down first: from 800 to 100 are three stops less of ND.
        $at = static fn (int $iso): float => (float) preg_replace('/[^\d.]*([\d.]+)\)$/', '$1', self::filters(['/timing/exposure_s' => 2, '/light' => ['aperture' => 8, 'iso' => $iso]] + $day)[0]);
        self::assertEqualsWithDelta($at(100), $at(800), 0.11);
        // Stars want none, though the dusk before them is bright.
        $stars = ['/start' => ['event' => 'sunset'], '/timing/exposure_s' => 6, '/light' => ['aperture' => 2, 'iso' => 3200, 'exposed_for' => 'sky']] + $day;
        self::assertSame([], self::filters($stars));
        // What is on the lens by the plan is packed.
        self::assertSame(['day.packing_list.nd(stops: 6)'], self::filters(['/timing/exposure_s' => 1, '/light' => ['aperture' => 8, 'nd_stops' => 6]] + $day));
    }

    public function testWarmLayersComeFromTheTemperatureAndTheHours(): void
    {
        $clothes = static fn (float $celsius, float $seconds): array => array_values(array_filter(
            self::packed([['/power' => ['camera' => ['battery_wh' => 16], 'temperature_c' => $celsius]]], [], $seconds),
            static fn (Packed $one): bool => $one->kind === 'clothes' && str_contains((string) $one->what, 'layers'),
        ));
        self::assertSame([], $clothes(18.0, 3_600.0));
        self::assertSame('day.packing_list.layers(layers: 2, also: day.packing_list.also_cool)', (string) $clothes(12.0, 3_600.0)[0]->what);
        self::assertSame('day.packing_list.layers_hours(seconds: 16200, celsius: 3)', (string) $clothes(3.0, 16_200.0)[0]->why);
        $layers = array_map(static fn (float $celsius): int => (int) preg_replace('/^.*layers: (\d+).*$/', '$1', (string) $clothes($celsius, 16_200.0)[0]->what), [12.0, 3.0, -5.0, -15.0]);
        self::assertSame([3, 4, 5, 6], $layers, 'one in reserve for hours of it');
        self::assertStringContainsString('also_freezing', (string) $clothes(-5.0, 3_600.0)[0]->what);
    }

    public function testWhatIsOutThereIsPackedFor(): void
    {
        $without = self::packed([[]]);
        $with = self::packed(
            [['/load' => ['camera_kg' => 2]]],
            [Hazard::Night, Hazard::Cold, Hazard::Tide, Hazard::Road, Hazard::Edge, Hazard::Incline, Hazard::Public],
            9_000.0,
        );
        self::assertSame(['day.packing_list.blower', 'day.packing_list.level'], array_keys($without));
        foreach (['lamp', 'tide', 'visible', 'line', 'weight'] as $what) {
            self::assertArrayHasKey("day.packing_list.{$what}", $with);
        }
        self::assertSame('day.packing_list.food_why(onSiteSeconds: 9000)', (string) $with['day.packing_list.food']->why);
        self::assertCount(count($with), array_unique(array_map(static fn (Packed $one): string => $one->key(), $with)), 'ticks never meet');
    }
}
