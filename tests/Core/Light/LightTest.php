<?php

declare(strict_types=1);

namespace Tests\Core\Light;

use DateTimeImmutable;
use Evrent\Core\Light\Marks;
use Evrent\Core\Light\Cloud;
use Evrent\Core\Light\Daylight;
use Evrent\Core\Light\Exposure;
use Evrent\Core\Light\Illuminance;
use Evrent\Core\Light\NeutralDensity;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Shot\StarTrails;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Observer;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

final class LightTest extends TestCase
{
    private static function at(string $time): Instant
    {
        return new Instant((float) (new DateTimeImmutable($time))->getTimestamp());
    }

    public function testTheSunsLightAtTheTablesCheckPoints(): void
    {
        foreach ([90 => 129_000, -6 => 3.4, -12 => 0.0081, -18 => 0.00065] as $altitude => $lux) {
            self::assertEqualsWithDelta(1.0, Illuminance::ofSun($altitude) / $lux, 0.01, "at {$altitude}°");
        }
        self::assertSame(0.0, Illuminance::ofSun(-18.1));
    }

    public function testLightGrowsWithHeightAndItsStretchesMeet(): void
    {
        $before = 0.0;
        for ($altitude = -17.9; $altitude <= 90.0; $altitude += 0.1) {
            $lux = Illuminance::ofSun($altitude);
            // A stretch may begin a few per cent below where the one before it ended.
            self::assertGreaterThan($before * 0.94, $lux, "at {$altitude}°");
            $before = $lux;
        }
    }

    public function testTheMoonsLightHangsOnItsPhaseAndDistance(): void
    {
        // A full moon overhead gives about a quarter of a lux.
        self::assertEqualsWithDelta(0.27, Illuminance::ofMoon(90, 0, 0.951), 0.01);
        self::assertEqualsWithDelta(10 ** (-0.00868 * 90 - 2.2e-9 * 90 ** 4), Illuminance::ofMoon(90, 90, 0.951) / Illuminance::ofMoon(90, 0, 0.951), 1e-9);
        self::assertEqualsWithDelta(1.1 ** 2, Illuminance::ofMoon(30, 40, 0.951 * 1.1) / Illuminance::ofMoon(30, 40, 0.951), 1e-9);
        self::assertSame(0.0, Illuminance::ofMoon(-1, 0, 0.951));
    }

    public function testFullDaylightIsWhatTheSunnyRuleSays(): void
    {
        // 1/100 s at f/16 and ISO 100 is EV 14.64, which is 64,000 lux.
        self::assertEqualsWithDelta(14.64, Illuminance::exposureValue(64_000), 0.02);
        self::assertEqualsWithDelta(1 / 100, Exposure::forScene(14.644, 16, 100)->seconds, 1e-4);
    }

    public function testTheLightOfADayAndWhatOneMeteredExposureDoesToIt(): void
    {
        $place = new Observer(38.7, -9.1);
        $light = new Daylight($place);
        $noon = self::at('2026-05-14T12:30:00Z');
        $night = self::at('2026-05-15T01:00:00Z');
        self::assertGreaterThan(15.0, $light->exposureValue($noon));
        self::assertLessThan(-11.0, $light->exposureValue($night));
        self::assertEqualsWithDelta(log(10, 2), $light->exposureValue($noon) - (new Daylight($place, Cloud::Dark))->exposureValue($noon), 1e-9);
        $metered = $light->metered($noon, 13.0);
        self::assertEqualsWithDelta(13.0, $metered->exposureValue($noon), 1e-9);
        self::assertEqualsWithDelta($light->exposureValue($noon) - 13.0, $light->exposureValue($night) - $metered->exposureValue($night), 1e-9);
        self::assertGreaterThan($light->exposureValue($night), (new Daylight($place, glowLux: 0.01))->exposureValue($night));
    }

    public function testStopsBetweenSettings(): void
    {
        $from = new Exposure(1 / 100, 8, 100);
        self::assertEqualsWithDelta(1.0, $from->stopsTo(new Exposure(1 / 50, 8, 100)), 1e-9);
        self::assertEqualsWithDelta(-2.0, $from->stopsTo(new Exposure(1 / 100, 16, 100)), 1e-9);
        self::assertEqualsWithDelta(3.0, $from->stopsTo(new Exposure(1 / 100, 8, 800)), 1e-9);
        $this->expectException(InvalidInput::class);
        new Exposure(1, 0, 100);
    }

    public function testMarkedShutterSpeedsAreNotWhatTheyDo(): void
    {
        foreach ([[30, 32.0], [15, 16.0], [8, 8.0], [1 / 60, 1 / 64], [20, 2 ** (13 / 3)], [0.8, 2 ** (-1 / 3)]] as [$marked, $true]) {
            self::assertEqualsWithDelta($true, Exposure::trueSeconds($marked), 1e-9);
        }
    }

    public function testFiltersFromTheBag(): void
    {
        // From 1/125 s to 2 s are 7.97 stops.
        $needed = NeutralDensity::stopsNeeded(1 / 125, 2);
        self::assertEqualsWithDelta(7.966, $needed, 1e-3);
        self::assertEqualsWithDelta(3.0103, NeutralDensity::density(10), 1e-6);
        $two = NeutralDensity::pick($needed, [3.0, 5.0, 10.0]);
        self::assertSame([3.0, 5.0], $two->stops);
        self::assertEqualsWithDelta(-0.034, $two->leftOver, 1e-3);
        self::assertSame([8.0], NeutralDensity::pick(8, [3.0, 5.0, 8.0])->stops, 'one piece of glass rather than two');
        self::assertSame([], NeutralDensity::pick(0.4, [3.0])->stops);
    }

    public function testStarsAndTheirRules(): void
    {
        $optics = new Optics(36, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400);
        // 24 mm are 4000 pixels: on the equator 15.041" a second are 0.2917 pixels.
        self::assertEqualsWithDelta(0.29168 * 25, StarTrails::driftPixels($optics, 25, 0), 1e-3);
        self::assertEqualsWithDelta(0.5, StarTrails::driftPixels($optics, 25, 60) / StarTrails::driftPixels($optics, 25, 0), 1e-9);
        self::assertEqualsWithDelta(500 / 24, StarTrails::byConstant($optics), 1e-3);
        // Pixels of 6 µm at f/2.8: (47.197 + 2.393 + 82.278) / 24.
        self::assertEqualsWithDelta(5.4945, StarTrails::byPitch($optics, 2.8, 0), 1e-3);
    }

    /** 0.451 s lies between 0.4 and 0.5 s: log2(0.5 / 0.451) is 0.149 stops from the nearer. Marks themselves are on the dial; 45 s is 0.585 beyond 30 s. */
    public function testHowFarTheDialsMarksAreFromAPlan(): void
    {
        self::assertEqualsWithDelta(0.149, Marks::mostOff([0.5, 0.451, 1.0], true), 0.001);
        self::assertSame(0.0, Marks::mostOff([0.5, 1.0, 1 / 125], true));
        self::assertEqualsWithDelta(0.585, Marks::mostOff([45.0], true), 0.001);
    }
}
