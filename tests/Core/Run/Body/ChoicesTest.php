<?php

declare(strict_types=1);

namespace Tests\Core\Run\Body;

use Evrent\Core\Light\Marks;
use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Core\Run\Body\Choices;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What bodies write into their lists, and which entry is nearest to what a plan wants.
 */
final class ChoicesTest extends TestCase
{
    /** @return iterable<string, array{BodySetting, string, ?float}> */
    public static function entries(): iterable
    {
        $time = BodySetting::ShutterTime;
        $entries = [
            [$time, '1/125', 1 / 125], [$time, '1/8000', 1 / 8000], [$time, '1/1.3', 1 / 1.3], [$time, '10/13', 10 / 13], [$time, '30"', 30.0],
            [$time, '1.3"', 1.3], [$time, '0.0080s', 1 / 125], [$time, '0.5', 0.5], [$time, '0,5 s', 0.5], [$time, '0.3', 0.3], [$time, '30', 30.0],
            [$time, 'bulb', INF], [$time, 'Bulb', INF], [$time, 'Time', null], [$time, 'Auto', null], [$time, '1/0', null], [$time, '0', null],
            [$time, '-1', null], [$time, '', null], [$time, 'x 200', null], [$time, '0.0001s', 1 / 8000], [$time, '0.7', 0.7], [$time, '1', 1.0],
            [BodySetting::Aperture, 'f/5.6', 5.6], [BodySetting::Aperture, '5.6', 5.6], [BodySetting::Aperture, 'F8', 8.0],
            [BodySetting::Aperture, 'f/3,5', 3.5], [BodySetting::Aperture, 'implicit auto', null], [BodySetting::Aperture, '0', null],
            [BodySetting::Iso, '400', 400.0], [BodySetting::Iso, 'ISO 1600', 1600.0], [BodySetting::Iso, 'Auto', null], [BodySetting::Iso, 'Hi 1', null],
            [BodySetting::WhiteBalance, '5200', 5200.0], [BodySetting::WhiteBalance, '3000K', 3000.0], [BodySetting::WhiteBalance, 'Daylight', 5200.0],
            [BodySetting::WhiteBalance, 'Tungsten', 3000.0], [BodySetting::WhiteBalance, 'Auto', null], [BodySetting::WhiteBalance, '4', null],
            [BodySetting::WhiteBalance, 'Color Temperature', null],
        ];
        foreach ($entries as $entry) {
            yield "{$entry[0]->value} {$entry[1]}" => $entry;
        }
    }

    #[DataProvider('entries')]
    public function testAnEntryIsReadAsBodiesWriteIt(BodySetting $setting, string $entry, ?float $value): void
    {
        $choice = Choice::of($setting, $entry);
        self::assertSame($entry, $choice->entry);
        $value === null || $value === INF ? self::assertSame($value, $choice->value) : self::assertEqualsWithDelta($value, $choice->value, 1e-9);
    }

    public function testTheNearestInStopsIsChosen(): void
    {
        $times = Choices::of(BodySetting::ShutterTime, ['bulb', '30"', '15"', '1', '0.5', '1/125', '1/8000', 'Time']);
        self::assertSame('0.5', $times->nearest(0.6)?->entry);
        // Half-way between half a second and one lies 0.707 in stops, not 0.75.
        self::assertSame('1', $times->nearest(0.72)?->entry);
        self::assertSame('1/8000', $times->nearest(0.0001)?->entry);
        self::assertSame('30"', $times->nearest(45.0)?->entry);
        self::assertSame('bulb', $times->nearest(INF)?->entry);
        self::assertSame(30.0, $times->highest());
        self::assertSame('f/8', Choices::of(BodySetting::Aperture, ['f/5.6', 'f/8'])->nearest(7.0)?->entry);
        self::assertSame('4000', Choices::of(BodySetting::WhiteBalance, ['auto', '4000', '6000'])->nearest(4_700.0)?->entry);
        self::assertSame('5200', Choices::of(BodySetting::WhiteBalance, ['5200', 'Daylight'])->nearest(5_200.0)?->entry);
    }

    /** Every mark, in each of the ways in which bodies write it, is nearest to itself. */
    public function testEveryMarkIsFoundInEveryWayOfWriting(): void
    {
        $ways = [
            'fractions' => static fn (float $mark): string => $mark < 0.3 ? '1/' . round(1 / $mark) : (string) $mark,
            'decimals' => static fn (float $mark): string => sprintf('%.4fs', $mark),
            'seconds' => static fn (float $mark): string => $mark < 0.3 ? '1/' . round(1 / $mark) : "{$mark}\"",
        ];
        foreach ($ways as $name => $way) {
            // Four digits do not hold the shortest.
            $marks = array_filter(Marks::SHUTTER, static fn (float $mark): bool => $name !== 'decimals' || $mark > 1 / 1_500);
            $choices = Choices::of(BodySetting::ShutterTime, array_map($way, array_values($marks)));
            foreach ($marks as $mark) {
                self::assertSame($way($mark), $choices->nearest($mark)?->entry, $name);
            }
        }
    }

    public function testAListWithoutNumbersOffersNothing(): void
    {
        $none = Choices::of(BodySetting::ShutterTime, ['auto', 'bulb', '??']);
        self::assertTrue($none->isEmpty());
        self::assertNull($none->nearest(0.5));
        self::assertNull($none->highest());
        self::assertNull(Choices::of(BodySetting::Iso, [])->nearest(100.0));
        self::assertNull(Choices::of(BodySetting::ShutterTime, ['1/60'])->nearest(INF));
    }
}
