<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Motion\TimedPass;
use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\EdgeCrossings;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class EdgeCrossingsTest extends TestCase
{
    private const OPTICS = [
        'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'image_width_px' => 6000, 'image_height_px' => 4000, 'focal_mm' => 24,
        'output_width_px' => 3000, 'output_height_px' => 2000, 'foreground_m' => 2, 'subject_m' => 10, 'background_m' => 1000,
    ];

    public function testASlidePassesADoorPost(): void
    {
        // 100 photos over 990 mm, evenly: 10 mm from photo to photo. A post 2 m away, 505 mm to the right, is in the middle half-way from photo 51 to 52.
        [$schedule, $pass] = self::move(['slide' => [0, 990], 'pan' => [0, 0]]);
        $pan = rad2deg(atan(0.505 / 2.0));
        $found = EdgeCrossings::of($schedule, $pan, hypot(0.505, 2.0), 'middle', $pass);
        self::assertCount(1, $found);
        self::assertEqualsWithDelta(51.5, $found[0]['photo'], 0.01);
        self::assertEqualsWithDelta(50.5 / 25.0, $found[0]['lapseSeconds'], 0.001);
        // In 30 s with ramps of 3 s: an even pace of 99 / 27 photos a second between.
        self::assertEqualsWithDelta(1.5 + 50.5 * 27.0 / 99.0, $found[0]['passSeconds'], 0.01);
        // It is at the right edge, half the frame's 1.5 m to the right, at no photo: it begins inside.
        self::assertSame([], EdgeCrossings::of($schedule, $pan, hypot(0.505, 2.0), 'right', $pass));
    }

    public function testAPanCrossesEachLineWhereTheLensSaysAndBothWays(): void
    {
        [$schedule, $pass] = self::move(['slide' => [0, 0], 'pan' => [0, 99]]);
        $half = rad2deg(atan(36.0 / 2.0 / 24.0));
        self::assertEqualsWithDelta(51.0, EdgeCrossings::of($schedule, 50.0, 5.0, 'middle', $pass)[0]['photo'], 0.01);
        self::assertEqualsWithDelta(51.0 - $half, EdgeCrossings::of($schedule, 50.0, 5.0, 'right', $pass)[0]['photo'], 0.02);
        self::assertEqualsWithDelta(51.0 + $half, EdgeCrossings::of($schedule, 50.0, 5.0, 'left', $pass)[0]['photo'], 0.02);
        self::assertSame([], EdgeCrossings::of($schedule, -120.0, 5.0, 'middle', $pass), 'behind the camera');
    }

    public function testWhatCannotBeToldSaysWhy(): void
    {
        [$schedule, $pass] = self::move(['slide' => [0, 990], 'pan' => [0, 0]]);
        foreach (['/metres' => [0.0, 'middle', $schedule], '/line' => [2.0, 'top', $schedule], '/pan' => [2.0, 'middle', Schedule::of(Plans::with([]))]] as $field => [$metres, $line, $of]) {
            try {
                EdgeCrossings::of($of, 0.0, $metres, $line, $pass);
                self::fail($field);
            } catch (InvalidInput $invalid) {
                self::assertSame($field, $invalid->problems[0]->pointer);
            }
        }
    }

    /**
     * @param array<string, array{int, int}> $ends by axis
     *
     * @return array{Schedule, TimedPass}
     */
    private static function move(array $ends): array
    {
        $keyframes = array_map(static fn (int $k): array => ['at' => $k, 'tilt' => 0] + array_map(static fn (array $of): int => $of[$k], $ends), [0, 1]);
        $schedule = Schedule::of(Plans::with([
            '/optics' => self::OPTICS, '/move' => ['easing' => ['ramp_in' => 0, 'ramp_out' => 0], 'keyframes' => $keyframes], '/timing/photos' => 100,
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/frames_per_second' => 25,
        ]));
        $way = $schedule->moves->way($schedule->plan->rig->axes);
        self::assertNotNull($way);

        return [$schedule, new TimedPass($way, [], 0.0, 99.0, 30.0)];
    }
}
