<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Findings\Severity;
use Evrent\Core\Shot\Shot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * What light, sky, power, cards and loads do to a shot: each row is found, and each of its remedies, applied, clears it.
 */
final class ScoutingFailuresTest extends TestCase
{
    private const OPTICS = Plans::OPTICS + ['focal_mm' => 24];
    private const DUSK = ['event' => 'sunset', 'offset_s' => -600];
    private const STILL = ['/timing/head_photos' => 0, '/timing/tail_photos' => 0];

    /**
     * @return iterable<string, array{FindingId, array<string, mixed>, Severity, list<string>}> id, the plan's changes, how bad, remedies
     */
    public static function rows(): iterable
    {
        $long = ['/timing/photos' => 400, '/timing/interval_s' => 10, '/site' => Plans::SITE] + self::STILL;
        yield 'T4 dial not on bulb' => [FindingId::ExposureNotAsPlanned, ['/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'manual'], Severity::Error, ['dial']];
        yield 'T4 dial on bulb' => [FindingId::ExposureNotAsPlanned, ['/camera/exposure_timed_by' => 'camera', '/camera/dial' => 'bulb'], Severity::Error, ['dial']];
        yield 'T4 beyond the dial' => [
            FindingId::ExposureNotAsPlanned,
            ['/camera/exposure_timed_by' => 'camera', '/timing/exposure_s' => 60, '/timing/interval_s' => 90],
            Severity::Error,
            ['dial'],
        ];
        yield 'T4 30 s is 32 s and the interval does not hold it' => [
            FindingId::ExposureNotAsPlanned,
            ['/camera/exposure_timed_by' => 'camera', '/timing/exposure_s' => 30, '/timing/interval_s' => 32.5],
            Severity::Error,
            ['true', 'literal'],
        ];
        yield 'T4 15 s is 16 s and there is room' => [
            FindingId::ExposureNotAsPlanned,
            ['/camera/exposure_timed_by' => 'camera', '/timing/exposure_s' => 15, '/timing/interval_s' => 40],
            Severity::Info,
            ['true', 'literal'],
        ];
        yield 'T5 aperture priority at dusk' => [
            FindingId::AperturePriorityOutruns,
            ['/light' => ['aperture' => 5.6, 'control' => 'aperture_priority', 'isos' => [100]], '/start' => self::DUSK] + $long,
            Severity::Error,
            ['longest', 'interval'],
        ];
        yield 'T5 with ISO to follow' => [
            FindingId::AperturePriorityOutruns,
            [
                '/light' => ['aperture' => 4, 'control' => 'aperture_priority', 'isos' => [100, 200, 400, 800, 1600, 3200, 6400]],
                '/start' => self::DUSK,
                '/timing/photos' => 260,
            ] + $long,
            Severity::Error,
            ['ramp', 'longest', 'interval'],
        ];
        yield 'T15 at noon' => [
            FindingId::DaylightOverexposes,
            [
                '/light' => ['aperture' => 8, 'filters' => [3, 6, 10]],
                '/start' => ['event' => 'clock', 'at' => '12:00'],
                '/timing/exposure_s' => 2,
            ] + $long,
            Severity::Error,
            ['nd', 'ramp', 'exposure'],
        ];
        yield 'T15 without a filter in the bag' => [
            FindingId::DaylightOverexposes,
            ['/light' => ['aperture' => 8], '/start' => ['event' => 'clock', 'at' => '12:00'], '/timing/exposure_s' => 2] + $long,
            Severity::Error,
            ['nd', 'ramp', 'exposure'],
        ];
        yield 'T15 ISO too high' => [
            FindingId::DaylightOverexposes,
            ['/light' => ['aperture' => 16, 'iso' => 1600], '/start' => ['event' => 'clock', 'at' => '12:00'], '/timing/exposure_s' => 0.01] + $long,
            Severity::Error,
            ['nd', 'iso', 'ramp', 'exposure'],
        ];
        yield 'T16 stars trail' => [FindingId::StarsTrail, [
            '/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:00'], '/timing/exposure_s' => 25, '/timing/interval_s' => 30,
            '/move/keyframes/0/tilt' => 20, '/move/keyframes/1/tilt' => 20, '/rig/base' => ['zero_bearing_deg' => 180],
        ], Severity::Warning, ['exposure']];
        yield 'T23 night falls' => [
            FindingId::LightRunsOut,
            ['/light' => ['aperture' => 4], '/start' => self::DUSK, '/timing/exposure_s' => 0.05, '/timing/photos' => 260] + $long,
            Severity::Error,
            ['ramp'],
        ];
        yield 'T23 filter left on' => [
            FindingId::LightRunsOut,
            [
                '/light' => ['aperture' => 8, 'nd_stops' => 6],
                '/start' => ['event' => 'clock', 'at' => '12:00'],
                '/timing/exposure_s' => 0.0025,
                '/timing/photos' => 60,
            ] + $long,
            Severity::Error,
            ['ramp', 'nd', 'exposure'],
        ];
        yield 'T23 limits too tight' => [
            FindingId::LightRunsOut,
            ['/light' => ['aperture' => 8, 'isos' => [100, 200]], '/start' => self::DUSK, '/timing/photos' => 300] + $long,
            Severity::Error,
            ['ramp'],
        ];
        yield 'T23 too late by half an hour' => [
            FindingId::LightRunsOut,
            [
                '/light' => ['aperture' => 8, 'isos' => [100]],
                '/start' => ['event' => 'sunset'],
                '/timing/exposure_s' => 0.02,
                '/timing/photos' => 60,
            ] + $long,
            Severity::Error,
            ['ramp', 'exposure', 'start'],
        ];
        yield 'R1 base off level' => [
            FindingId::HorizonLeans,
            ['/optics' => self::OPTICS, '/rig/base' => ['off_level_deg' => 1, 'toward_deg' => 90]],
            Severity::Warning,
            ['level'],
        ];
        yield 'R2 weak legs' => [FindingId::LoadTooHeavy, ['/load' => ['legs_rating_kg' => 5, 'carriage_rating_kg' => 8]], Severity::Warning, ['rating']];
        yield 'R2 legs under the load itself' => [FindingId::LoadTooHeavy, ['/load' => ['legs_rating_kg' => 2.5, 'carriage_rating_kg' => 8]], Severity::Error, ['rating']];
        yield 'R2 weak carriage' => [FindingId::LoadTooHeavy, ['/load' => ['legs_rating_kg' => 15, 'carriage_rating_kg' => 3]], Severity::Warning, ['rating']];
        yield 'R3 too steep' => [FindingId::InclineBeyondThrust, ['/load' => ['incline_deg' => 60, 'thrust_n' => 30]], Severity::Warning, ['incline', 'counterweight']];
        yield 'R3 beyond the motor itself' => [FindingId::InclineBeyondThrust, ['/load' => ['incline_deg' => 60, 'thrust_n' => 20]], Severity::Error, ['incline', 'counterweight']];
        yield 'P1 camera battery in the cold' => [
            FindingId::CameraBatteryDies,
            ['/power' => ['camera' => ['battery_wh' => 1], 'temperature_c' => -10]],
            Severity::Error,
            ['batteries', 'bank'],
        ];
        yield 'P1 half charged' => [
            FindingId::CameraBatteryDies,
            ['/power' => ['camera' => ['battery_wh' => 1.8, 'charge' => 0.4]]],
            Severity::Error,
            ['charge', 'batteries', 'bank'],
        ];
        yield 'P2 rig battery' => [FindingId::RigBatteryDies, ['/power' => ['rig' => ['battery_wh' => 2]]], Severity::Error, ['batteries', 'bank']];
        yield 'P3 one card' => [FindingId::CardFull, ['/storage' => ['cards_gb' => [4]]], Severity::Error, ['card']];
        yield 'P3 two kinds of file' => [
            FindingId::CardFull,
            ['/storage' => ['raw_mb' => 30, 'jpeg_mb' => 10, 'cards_gb' => [8, 8], 'slots' => 'copy']],
            Severity::Error,
            ['card', 'raw', 'overflow', 'jpeg'],
        ];
        yield 'S1 the sun sets in the frame' => [
            FindingId::SunInFrame,
            ['/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => self::DUSK, '/rig/base' => ['zero_bearing_deg' => 273]],
            Severity::Warning,
            ['start'],
        ];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string>         $remedies
     */
    #[DataProvider('rows')]
    public function testIsFoundAndMended(FindingId $id, array $changes, Severity $severity, array $remedies): void
    {
        $found = self::find($id, $changes);
        self::assertNotNull($found);
        self::assertSame($severity, $found->severity);
        self::assertSame($remedies, array_column($found->remedies(), 'key'));
        self::assertDoesNotMatchRegularExpression('/\d\.\d{4,}|NAN|INF/', "{$found->title} {$found->shortfall} {$found->sentence}");
        foreach ($found->remedies() as $remedy) {
            self::assertNull(Report::on(Shot::of($remedy->mended))->finding($id), (string) $remedy->label);
        }
    }

    /**
     * @return iterable<string, array{FindingId, array<string, mixed>}>
     */
    public static function sound(): iterable
    {
        yield 'T4 on bulb' => [
            FindingId::ExposureNotAsPlanned,
            ['/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'bulb', '/timing/exposure_s' => 30, '/timing/interval_s' => 50],
        ];
        yield 'T4 literal marks' => [
            FindingId::ExposureNotAsPlanned,
            ['/camera/exposure_timed_by' => 'camera', '/camera/marks_are_literal' => true, '/timing/exposure_s' => 30, '/timing/interval_s' => 50],
        ];
        yield 'T4 nobody said' => [FindingId::ExposureNotAsPlanned, ['/timing/exposure_s' => 30, '/timing/interval_s' => 50]];
        yield 'T16 short enough' => [
            FindingId::StarsTrail,
            ['/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:00'], '/timing/exposure_s' => 4],
        ];
        yield 'T16 by day' => [
            FindingId::StarsTrail,
            [
                '/optics' => self::OPTICS,
                '/site' => Plans::SITE,
                '/start' => ['event' => 'clock', 'at' => '12:00'],
                '/timing/exposure_s' => 25,
                '/timing/interval_s' => 40,
            ],
        ];
        yield 'T16 looking at the mud' => [FindingId::StarsTrail, [
            '/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '23:00'], '/timing/exposure_s' => 25, '/timing/interval_s' => 40,
            '/move/keyframes/0/tilt' => -60, '/move/keyframes/1/tilt' => -60,
        ]];
        yield 'R1 hardly' => [FindingId::HorizonLeans, ['/optics' => self::OPTICS, '/rig/base' => ['off_level_deg' => 0.1, 'toward_deg' => 90]]];
        yield 'R2 twice the load' => [FindingId::LoadTooHeavy, ['/load' => ['legs_rating_kg' => 5.6, 'carriage_rating_kg' => 5.6]]];
        yield 'R3 level' => [FindingId::InclineBeyondThrust, ['/load' => ['thrust_n' => 30]]];
        yield 'P1 in a power bank’s care' => [
            FindingId::CameraBatteryDies,
            ['/power' => ['camera' => ['battery_wh' => 1], 'temperature_c' => -10, 'bank' => ['capacity_wh' => 20]]],
        ];
        yield 'P3 exactly' => [FindingId::CardFull, ['/storage' => ['raw_mb' => 25, 'cards_gb' => [6]]]];
        yield 'S1 the sun is behind' => [
            FindingId::SunInFrame,
            ['/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => self::DUSK, '/rig/base' => ['zero_bearing_deg' => 90]],
        ];
        yield 'S1 the sun is down' => [
            FindingId::SunInFrame,
            [
                '/optics' => self::OPTICS,
                '/site' => Plans::SITE,
                '/start' => ['event' => 'sunset', 'offset_s' => 300],
                '/rig/base' => ['zero_bearing_deg' => 273],
            ],
        ];
    }

    /**
     * @param array<string, mixed> $changes
     */
    #[DataProvider('sound')]
    public function testIsNotFoundWhereThereIsNothing(FindingId $id, array $changes): void
    {
        self::assertNull(self::find($id, $changes));
    }

    /** What mends the blur does not spoil the light: the longer exposure takes its filter along. */
    public function testBlurIsMendedWithItsFilter(): void
    {
        $noon = [
            '/optics' => self::OPTICS + ['subject_speed_m_s' => 1.5], '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '12:00'],
            '/light' => ['aperture' => 8], '/timing/exposure_s' => 0.0025, '/timing/interval_s' => 4,
        ];
        self::assertNull(self::find(FindingId::DaylightOverexposes, $noon));
        $remedy = self::find(FindingId::BlurShareTooSmall, $noon)?->remedies()[0];
        self::assertNotNull($remedy);
        self::assertMatchesRegularExpression('/blur_share_too_small\.nd\(stops: \d+ stop\)/', (string) $remedy->costs);
        $report = Report::on(Shot::of($remedy->mended));
        self::assertSame([null, null, null], [$report->finding(FindingId::BlurShareTooSmall), $report->finding(FindingId::DaylightOverexposes), $report->finding(FindingId::LightRunsOut)]);
    }

    public function testTheSunEntersAtThePhotoAtWhichItsDiskDoes(): void
    {
        $found = self::find(FindingId::SunInFrame, [
            '/optics' => self::OPTICS, '/site' => Plans::SITE, '/start' => ['event' => 'sunset', 'offset_s' => -5400], '/timing/photos' => 300, '/timing/interval_s' => 20,
            '/rig/base' => ['zero_bearing_deg' => 273], '/move/keyframes/0/pan' => 0, '/move/keyframes/1/pan' => 0, '/move/keyframes/0/tilt' => -20, '/move/keyframes/1/tilt' => -20,
        ] + self::STILL);
        self::assertNotNull($found);
        // Nothing moves and the sun sinks: once in, it stays in until it is down, 5,400 s after the start and a bit for its disk.
        self::assertGreaterThan(1, $found->firstPhoto);
        self::assertEqualsWithDelta(5400 / 20, ($found->firstPhoto ?? 0) + $found->photoCount - 1, 12);
    }

    public function testACameraTimerIsGivenRoomOnTheCardForAllItTakes(): void
    {
        $changes = ['/storage' => ['raw_mb' => 25, 'cards_gb' => [6]], '/trigger' => ['by' => 'camera_timer', 'camera_photos' => 300]];
        self::assertSame(241, self::find(FindingId::CardFull, $changes)?->firstPhoto);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function find(FindingId $id, array $changes): ?Finding
    {
        return Report::on(Shot::of(Plans::with($changes)))->finding($id);
    }
}
