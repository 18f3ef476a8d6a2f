<?php

declare(strict_types=1);

namespace Tests\Core\Photos;

use Evrent\Core\Kit\KitItem;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Photos\LearntOfBody;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Supplies;
use Evrent\Core\Run\Take\TakeReport;
use Evrent\Core\Schedule\Schedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * A take of forty photos, one every 5 s and open for half a second, by a camera that writes for 0.8 s, opens after 0.12 s where the plan says
 * 0.06 s, and loses a per cent of its 14 Wh in three photos.
 */
final class LearntOfBodyTest extends TestCase
{
    private const BEGUN = 1_800_000_000.0;

    public function testWhatTheLogAndThePhotosShowOfABody(): void
    {
        $lines = self::lines();
        // The clock is 7.3 s ahead; photos say so with the lag beyond the plan's.
        $learnt = LearntOfBody::of(7.36, 40.0, true, self::body(), self::report($lines), $lines, self::BEGUN)->values;
        self::assertSame(['clock_ahead_s' => 7.36, 'clock_drift_ppm' => 40.0, 'write_s' => 0.8, 'shutter_lag_s' => 0.12], array_slice($learnt, 0, 4));
        // A per cent of 14 Wh is 504 J, for three photos; of 168 J one draws 1 W for 4.5 s and 2.5 W for half a second anyway.
        self::assertEqualsWithDelta(168.0 - 4.5 - 1.25, $learnt['photo_j'] ?? NAN, 5.0);
    }

    /** Its clock says its wall time, an hour ahead of UTC, and not its zone. */
    public function testAZoneIsNoLag(): void
    {
        $lines = self::lines(clock: 3_607.3);
        self::assertSame(0.12, LearntOfBody::of(7.36, 0.0, true, null, self::report($lines), $lines, self::BEGUN)->values['shutter_lag_s'] ?? null);
    }

    /** Setting took 0.1 s for the shutter and 0.05 s for the ISO before each of six photos; what was set before the first is not counted. */
    public function testHowLongItTakesToBeSetIsMeasured(): void
    {
        $lines = self::lines();
        $sets = [new LogLine(LogKind::Set, 0.0, 1, ['setting' => 'shutter_time', 'took_s' => 2.0])];
        foreach (range(2, 7) as $photo) {
            $sets[] = new LogLine(LogKind::Set, 5.0 * $photo, $photo, ['setting' => 'shutter_time', 'took_s' => 0.1]);
            $sets[] = new LogLine(LogKind::Set, 5.0 * $photo, $photo, ['setting' => 'iso', 'took_s' => 0.05]);
        }
        $learnt = static fn (LogLine ...$more): ?float => LearntOfBody::of(null, null, true, null, self::report($lines), [...$lines, ...array_values($more)])->values['set_s'] ?? null;
        self::assertSame(0.15, $learnt(...$sets));
        // Too few to say; and in a fast world nothing is measured.
        self::assertNull($learnt(...array_slice($sets, 0, 9)));
        self::assertNull($learnt(...array_map(static fn (LogLine $line): LogLine => new LogLine($line->kind, $line->seconds, $line->photo, ['setting' => 'iso']), $sets)));
    }

    public function testWhatNoCameraIsOffByIsAbsurd(): void
    {
        foreach (['clock_ahead_s' => [86_400.0, 86_401.0], 'clock_drift_ppm' => [-200.0, -201.0]] as $field => [$may, $absurd]) {
            self::assertSame([false, true], [LearntOfBody::isAbsurd($field, $may), LearntOfBody::isAbsurd($field, $absurd)]);
        }
        self::assertFalse(LearntOfBody::isAbsurd('photo_j', 1e9));
    }

    public function testWhatIsNotExactEnoughIsNotOffered(): void
    {
        $lines = self::lines();
        self::assertSame(['clock_ahead_s' => 7.0], LearntOfBody::of(7.0, null, false)->values);
        self::assertArrayNotHasKey('shutter_lag_s', LearntOfBody::of(7.36, 0.0, false, null, self::report($lines), $lines, self::BEGUN)->values);
        $lines = self::lines(within: 0.4, grace: 30.0);
        $learnt = LearntOfBody::of(7.36, 0.0, true, self::body(), self::report($lines), $lines, self::BEGUN)->values;
        self::assertArrayNotHasKey('shutter_lag_s', $learnt);
        self::assertArrayNotHasKey('write_s', $learnt);
    }

    private static function body(): KitItem
    {
        return new KitItem(KitKind::Body, 'A body', [
            'sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6_000.0, 'image_height_px' => 4_000.0,
            'battery_wh' => 14.0, 'idle_w' => 1.0, 'exposing_w' => 2.5,
        ]);
    }

    /**
     * @param list<LogLine> $lines
     */
    private static function report(array $lines): TakeReport
    {
        return TakeReport::of(Schedule::of(Plans::with([
            '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]], '/timing/photos' => 40, '/timing/head_photos' => 0,
            '/timing/tail_photos' => 0, '/timing/interval_s' => 5, '/timing/exposure_s' => 0.5, '/camera/shutter_lag_s' => 0.06,
        ])), $lines);
    }

    /**
     * @return list<LogLine>
     */
    private static function lines(float $clock = 7.3, float $within = 0.01, ?float $grace = null): array
    {
        $lines = [
            new LogLine(LogKind::Note, 0.5, null, [
                'camera_clock_s' => self::BEGUN + $clock + 0.5, 'camera_clock_at_s' => 0.5, 'camera_clock_within_s' => $within, Supplies::CAMERA_BATTERY => 90,
            ]),
            new LogLine(LogKind::Started, 1.0),
        ];
        for ($n = 1; $n <= 40; $n++) {
            $at = 5.0 * $n;
            $lines[] = new LogLine(LogKind::Intent, $at, $n, ['due_s' => $at]);
            $lines[] = new LogLine(LogKind::Outcome, $at, $n, ['state' => 'triggered', 'due_s' => $at, 'triggered_s' => $at, 'late_s' => 0.0, 'grace_s' => $grace]);
            $lines[] = new LogLine(LogKind::Confirmed, $at + 0.06 + 0.5 + 0.8, $n, ['object' => sprintf('EVR_%04d.JPG', $n)]);
            $lines[] = new LogLine(LogKind::Note, $at + 2.0, null, [Supplies::CAMERA_BATTERY => 90 - intdiv($n, 3)]);
        }

        return $lines;
    }
}
