<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Evrent\Core\Day\ShotTimes;
use Evrent\Core\Format\SettingsText;
use Evrent\Core\Messages\Text;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Words\PlainText;
use Evrent\Words\Words;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What a shooter reads on paper: settings and times.
 */
final class SettingsTextTest extends TestCase
{
    private const SHORT = ['/timing/photos' => 100, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/interval_s' => 6, '/timing/exposure_s' => 0.5];

    /**
     * @param array<string, mixed> $changes
     */
    private static function schedule(array $changes): Schedule
    {
        return Schedule::of(Plans::with($changes + self::SHORT));
    }

    public function testSettingsAreOneLine(): void
    {
        $two = [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 2]];
        $three = [['at' => 0, 'exposure_s' => 0.5], ['at' => 0.5, 'exposure_s' => 2], ['at' => 1, 'exposure_s' => 3]];
        $lines = [
            'units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: 0.5))' => [],
            'units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: 0.017))' => ['/timing/exposure_s' => 1 / 60],
            'units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: units.plain(first: units.plain(first: 0.5, last:  → ), last: 2)))' => ['/timing/exposure_s' => $two],
            'units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: units.plain(first: units.plain(first: 0.5, last:  … ), last: 3)))' => ['/timing/exposure_s' => $three],
            'units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: units.plain(first: units.plain(first: 6, last:  → ), last: 9))), last: day.settings.shutter(seconds: 0.5))' => ['/timing/interval_s' => [['at' => 0, 'interval_s' => 6], ['at' => 1, 'interval_s' => 9]]],
            'units.comma(first: units.comma(first: 100, last: day.settings.pause(seconds: 6)), last: day.settings.shutter(seconds: 0.5))' => ['/timing/interval_means' => 'gap'],
            'units.comma(first: units.comma(first: 100, last: day.settings.on_demand), last: day.settings.shutter(seconds: 0.5))' => ['/timing/mode' => 'stop_motion'],
            'units.comma(first: units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: 0.5)), last: units.comma(first: units.aperture(number: 5.6), last: units.iso(number: 400)))' => ['/light' => ['aperture' => 5.6, 'iso' => 400]],
            'units.comma(first: units.comma(first: units.comma(first: 100, last: day.settings.interval(seconds: 6)), last: day.settings.shutter(seconds: 0.5)), last: units.comma(first: units.comma(first: units.aperture(number: 8), last: day.settings.assumed(value: units.iso(number: 100))), last: day.settings.nd(stops: 6 stop)))' => ['/light' => ['aperture' => 8, 'nd_stops' => 6]],
        ];
        foreach ($lines as $line => $changes) {
            self::assertSame($line, (string) SettingsText::of(self::schedule($changes)));
        }
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<?string>
     */
    private static function times(array $changes): array
    {
        $times = ShotTimes::of(self::schedule($changes));

        return array_map(static fn (Text|string|null $text): ?string => $text === null ? null : Words::say($text), [$times->beginsText, $times->endsText]);
    }

    public function testTimesAreThoseOfTheWall(): void
    {
        // 99 intervals of 6 s and the last photo are ten minutes, rounded up to the minute.
        self::assertSame(['19:00', '19:10'], self::times(['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '19:00']]));
        self::assertSame(['23:55', '00:05 (next day)'], self::times(['/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:55']]));
        self::assertSame(['19:00', '19:10'], self::times(['/start' => ['event' => 'clock', 'at' => '19:00']]), 'a clock needs no place');
        self::assertSame([null, null], self::times(['/start' => ['event' => 'sunset']]), 'sunset does');
        self::assertSame([null, null], self::times([]));
        self::assertSame([null, null], self::times(['/site' => Plans::SITE, '/start' => ['event' => 'sun_rises_to', 'height_deg' => 80]]));
    }

    public function testDifferencesHaveASignAndNothingHasNone(): void
    {
        self::assertSame(['+1.3', "\u{2212}0.5", '0', '0', '+2'], [
            PlainText::signed(1.26, 1), PlainText::signed(-0.5, 1), PlainText::signed(0.04, 1), PlainText::signed(-0.04, 1), PlainText::signed(2.0, 1),
        ]);
        self::assertSame(['50', '0.4', '33.3'], [PlainText::roundedPercent(0.5), PlainText::roundedPercent(1 / 240), PlainText::roundedPercent(1 / 3)]);
    }
}
