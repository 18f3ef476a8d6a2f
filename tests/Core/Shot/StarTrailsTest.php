<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Shot\Shot;
use Evrent\Core\Shot\StarTrails;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class StarTrailsTest extends TestCase
{
    /** At 52.2° north, looking level: due east and west the celestial equator is in the frame, due north the pole is near it. */
    private static function over(float $bearing, float $tilt = 20.0, float $seconds = 20.0, string $at = '23:00'): ?StarTrails
    {
        return StarTrails::over(Shot::of(Plans::with([
            '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => $at], '/optics' => Plans::OPTICS + ['focal_mm' => 50],
            '/timing/exposure_s' => $seconds, '/timing/interval_s' => $seconds + 10, '/timing/photos' => 30, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/move/keyframes/0/pan' => 0, '/move/keyframes/1/pan' => 0, '/move/keyframes/0/tilt' => $tilt, '/move/keyframes/1/tilt' => $tilt,
            '/rig/base' => ['zero_bearing_deg' => $bearing],
        ])));
    }

    public function testTheFastestStarInTheFrameCounts(): void
    {
        $east = self::over(90.0);
        self::assertNotNull($east);
        self::assertSame(0.0, $east->declinations[0], 'the equator crosses the frame');
        $pole = self::over(0.0, 52.0);
        self::assertNotNull($pole);
        self::assertGreaterThan(60.0, $pole->declinations[0]);
        self::assertLessThan($east->clipPixels[0], $pole->clipPixels[0]);
    }

    public function testDriftGrowsWithTheExposureAndIsNotThereByDayOrBelowTheHorizon(): void
    {
        $ten = self::over(90.0, 20.0, 10.0);
        $twenty = self::over(90.0, 20.0, 20.0);
        self::assertNotNull($ten);
        self::assertNotNull($twenty);
        self::assertEqualsWithDelta(2.0, $twenty->clipPixels[0] / $ten->clipPixels[0], 1e-9);
        self::assertNull(self::over(90.0, 20.0, 20.0, '12:00'));
        self::assertNull(self::over(90.0, -60.0));
    }

    public function testTheLongestExposureKeepsItsPixels(): void
    {
        $stars = self::over(90.0);
        self::assertNotNull($stars);
        foreach ([0.3, 1.0, 2.0, 5.0] as $pixels) {
            $longest = $stars->longestSeconds($pixels);
            $there = self::over(90.0, 20.0, $longest);
            self::assertNotNull($there);
            self::assertSame([], $there->photosOver($pixels), "{$pixels} px in {$longest} s");
            self::assertNotSame([], self::over(90.0, 20.0, $longest * 1.2 + 0.1)?->photosOver($pixels));
        }
    }
}
