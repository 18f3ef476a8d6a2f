<?php

declare(strict_types=1);

namespace Tests\Core\Told;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Sky\Instant;
use Evrent\Core\Sky\Site;
use Tests\Core\Checks\ScoutingFailuresTest;
use Tests\Core\Plans;

/**
 * Shots that between them have every part of a plan, and every way to go wrong.
 */
final class Shots
{
    private const OPTICS = ['/optics' => Plans::OPTICS + ['focal_mm' => 24]];
    private const OUTDOORS = self::OPTICS + [
        '/site' => Plans::SITE + ['elevation_m' => 12, 'sky_glow_lux' => 0.002],
        '/rig/base' => ['off_level_deg' => 1.5, 'toward_deg' => 40, 'zero_bearing_deg' => 265],
    ];
    private const LOADED = [
        '/storage' => ['raw_mb' => 31.5, 'jpeg_mb' => 8, 'cards_gb' => [8, 16], 'slots' => 'overflow'],
        '/power' => [
            'camera' => ['battery_wh' => 16, 'batteries' => 2, 'charge' => 0.9, 'idle_w' => 1.5, 'exposing_w' => 3, 'photo_j' => 4],
            'rig' => ['battery_wh' => 90, 'moving_w' => 18, 'holding_w' => 6, 'idle_w' => 2],
            'bank' => ['capacity_wh' => 70, 'feeds' => 'both', 'efficiency' => 0.85], 'temperature_c' => -4,
        ],
        '/load' => [
            'camera_kg' => 0.8, 'lens_kg' => 0.9, 'head_kg' => 1.2, 'rig_kg' => 3.5, 'legs_rating_kg' => 9, 'carriage_rating_kg' => 4,
            'incline_deg' => 12, 'friction' => 0.05, 'thrust_n' => 60,
        ],
        '/kit' => [['kind' => 'card', 'name' => 'Card of 8 GB', 'count' => 2], ['kind' => 'legs', 'name' => 'Tall legs', 'count' => 1]],
    ];

    public const DUSK = self::OUTDOORS + self::LOADED + [
        '/start' => ['event' => 'sunset', 'offset_s' => -1_500], '/light' => ['aperture' => 5.6, 'isos' => [100, 200, 400, 800, 1600, 3200]],
        '/timing/interval_s' => 12, '/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.02], ['at' => 0.6, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 4]],
    ];

    /** Ways to shoot, by what changes in the plain plan. */
    private const WHOLE = [
        'plain' => [],
        'dusk with a leaning base' => self::DUSK,
        'dawn by aperture priority' => self::OUTDOORS + [
            '/start' => ['event' => 'civil_dawn', 'offset_s' => 300, 'days' => 1], '/timing/interval_s' => 9,
            '/light' => ['aperture' => 8, 'control' => 'aperture_priority', 'longest_s' => 2, 'iso' => 200, 'bias' => [['ev' => -2, 'stops' => 0.5], ['ev' => 12, 'stops' => -0.3]]],
        ],
        'noon under cloud with filters' => self::OUTDOORS + self::LOADED + [
            '/start' => ['event' => 'clock', 'at' => '12:20'], '/timing/exposure_s' => 0.6, '/timing/interval_means' => 'gap',
            '/light' => ['aperture' => 11, 'nd_stops' => 6, 'filters' => [3, 6, 10], 'cloud' => 'average', 'iso_changes' => [['frame' => 90, 'iso' => 200], ['frame' => 150, 'iso' => 400]]],
        ],
        'stars over the salt pans' => self::OUTDOORS + [
            '/start' => ['event' => 'astronomical_dusk', 'offset_s' => 1_800], '/light' => ['aperture' => 2.8, 'iso' => 3200], '/timing/exposure_s' => 14,
            '/timing/interval_s' => 22, '/move/keyframes/0/tilt' => 10, '/move/keyframes/1/tilt' => 32, '/camera/long_exposure_noise_reduction' => false,
        ],
        'the moon, metered' => self::OUTDOORS + [
            '/start' => ['event' => 'moon_rises_to', 'height_deg' => 8], '/timing/interval_s' => 15, '/timing/exposure_s' => 8,
            '/light' => ['aperture' => 4, 'iso' => 800, 'metered' => ['exposure_s' => 6, 'aperture' => 4, 'iso' => 800, 'at' => '2027-03-23T20:30:00Z']],
        ],
        'creeping past a gull' => self::OPTICS + [
            '/timing/mode' => 'continuous', '/optics/subject_speed_m_s' => 0.05, '/timing/exposure_s' => 1.5, '/timing/interval_s' => [['at' => 0, 'interval_s' => 4], ['at' => 1, 'interval_s' => 2.5]],
        ],
        'step by step' => self::OPTICS + self::LOADED + ['/timing/mode' => 'stop_motion', '/timing/start_delay_s' => 30, '/move/keyframes/0/hold_photos' => 6],
        'by the camera’s timer' => self::OPTICS + [
            '/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 3.05, 'drift_ppm' => 400, 'camera_starts_s' => 1.2, 'camera_photos' => 230, 'count_limit' => 399],
            '/camera/next_file_number' => 9_950, '/rig/ramp_entry' => 'total', '/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'manual',
        ],
    ];

    private const LONG = ['/timing/photos' => 300, '/timing/interval_s' => 10, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/site' => Plans::SITE];

    /** Ways to spoil a shot, by the finding that each is about, beyond the rows for light and sky. */
    private const SPOILT = [
        'T1' => ['/timing/interval_s' => 2.2],
        'T2' => ['/timing/interval_s' => 2.5, '/camera/write_s' => 3, '/camera/buffer_frames' => 3],
        'T3' => ['/camera/long_exposure_noise_reduction' => true],
        'T6' => ['/timing/interval_s' => 2.05],
        'T7' => ['/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 3.2]],
        'T8' => ['/timing/photos' => 120],
        'T9' => ['/optics/subject_speed_m_s' => 0.5],
        'T10' => ['/trigger' => ['count_limit' => 199]],
        'T11' => ['/move/easing' => ['ramp_in' => 0.4, 'ramp_out' => 0.4]],
        'T12' => ['/move/keyframes/1/pan' => 100],
        'T13' => ['/optics/subject_speed_m_s' => 0.1, '/timing/exposure_s' => 0.4],
        'T14' => ['/optics/subject_speed_m_s' => 0.002, '/timing/exposure_s' => 4],
        'T17' => ['/timing/mode' => 'continuous', '/timing/exposure_s' => 4],
        'T18' => ['/rig/settle_s' => 0.1],
        'T19' => ['/optics/foreground_m' => 60, '/optics/subject_m' => 80],
        'T20' => ['/rig/axes/1/steps_per_unit' => 20],
        'T21' => ['/move/keyframes/1/slide' => 1_260.5],
        'T22' => ['/timing/interval_s' => 1.2, '/rig/axes/0/max_speed' => 1],
        'L1' => ['/camera/next_file_number' => 9_900],
        'L5' => ['/move/keyframes/0/subject_height' => 0.9],
        'E5' => ['/move/keyframes/1/matters_most' => true],
        'T1 by luck' => ['/timing/interval_s' => 2.4242],
        'T9 of a stream' => ['/optics/subject_speed_m_s' => 2, '/optics/subject_kind' => 'stream'],
        'T4 by keys' => ['/timing/exposure_s' => [['at' => 0, 'exposure_s' => 0.5], ['at' => 1, 'exposure_s' => 2]], '/camera/exposure_timed_by' => 'camera'],
        'T4 too short for bulb' => ['/timing/exposure_s' => 0.002, '/camera/exposure_timed_by' => 'controller', '/camera/dial' => 'bulb'],
        'T16 by focal length' => ['/timing/exposure_s' => 25, '/timing/interval_s' => 40, '/light' => ['exposed_for' => 'sky']],
        'T20 by its ramps' => ['/move/keyframes/0/tilt' => 0, '/move/keyframes/1/tilt' => 3, '/move/easing' => ['ramp_in' => 0.45, 'ramp_out' => 0.45, 'shape' => 'quintic'], '/timing/photos' => 600],
        'T20 of three axes' => ['/rig/axes/0/steps_per_unit' => 2, '/rig/axes/2/steps_per_unit' => 6, '/thresholds' => ['motor_step_px' => 0.5]],
        'T23 as the sun sinks' => self::LONG + ['/start' => ['event' => 'sunset', 'offset_s' => -900], '/light' => ['aperture' => 5.6, 'isos' => [100, 400], 'longest_s' => 2]],
        'T23 with a filter on' => self::LONG + ['/start' => ['event' => 'sunset', 'offset_s' => -3_000], '/timing/photos' => 120, '/timing/exposure_s' => 0.1, '/light' => ['aperture' => 8, 'nd_stops' => 3]],
        'T23 by a little' => self::LONG + ['/start' => ['event' => 'clock', 'at' => '10:00'], '/timing/photos' => 60, '/timing/exposure_s' => 0.0008, '/light' => ['aperture' => 11]],
        'T23 by night' => self::LONG + ['/start' => ['event' => 'clock', 'at' => '02:00'], '/timing/exposure_s' => 3, '/light' => ['aperture' => 2.8, 'isos' => [100, 800, 3200]]],
        'T23 in thirds' => self::LONG + ['/start' => ['event' => 'sunset', 'offset_s' => -1_200], '/light' => ['aperture' => 8, 'isos' => [100, 200, 400, 800], 'stepless' => false, 'longest_s' => 1]],
        'T15 as the sun rises' => self::LONG + ['/start' => ['event' => 'sunrise', 'offset_s' => -600], '/timing/exposure_s' => 0.5, '/light' => ['aperture' => 5.6, 'filters' => [3, 6]]],
        'T15 at high ISO' => self::LONG + ['/start' => ['event' => 'clock', 'at' => '15:00'], '/timing/photos' => 60, '/timing/exposure_s' => 0.004, '/light' => ['aperture' => 8, 'iso' => 800]],
        'T5 at dawn' => self::LONG + ['/start' => ['event' => 'civil_dawn'], '/light' => ['aperture' => 16, 'control' => 'aperture_priority', 'isos' => [100, 200]], '/timing/interval_s' => 6],
        'S1 while it pans' => self::LONG + ['/start' => ['event' => 'sunset', 'offset_s' => -2_400], '/rig/base' => ['zero_bearing_deg' => 240], '/move/keyframes/1/pan' => 80],
        'S1 low' => self::LONG + ['/start' => ['event' => 'sunrise', 'offset_s' => 1_200], '/rig/base' => ['zero_bearing_deg' => 88], '/move/keyframes/0/tilt' => 6, '/move/keyframes/1/tilt' => 12],
        'P1 on a bank' => self::LONG + ['/power' => ['camera' => ['battery_wh' => 0.6, 'charge' => 0.8], 'rig' => ['battery_wh' => 90], 'bank' => ['capacity_wh' => 1.2, 'feeds' => 'camera'], 'temperature_c' => -8]],
        'P1 beside a fed rig' => self::LONG + ['/power' => ['camera' => ['battery_wh' => 1.1], 'rig' => ['battery_wh' => 4], 'bank' => ['capacity_wh' => 6, 'feeds' => 'rig', 'charge' => 0.7]]],
        'P2 in the cold' => self::LONG + ['/power' => ['rig' => ['battery_wh' => 3, 'batteries' => 2, 'charge' => 0.6], 'temperature_c' => -15]],
        'P2 of both' => self::LONG + ['/power' => ['camera' => ['battery_wh' => 0.4], 'rig' => ['battery_wh' => 1], 'bank' => ['capacity_wh' => 1, 'feeds' => 'both', 'efficiency' => 0.6]]],
        'P3 on two cards' => self::LONG + ['/storage' => ['raw_mb' => 40, 'jpeg_mb' => 9, 'cards_gb' => [8, 4], 'slots' => 'split']],
        'P3 copied' => self::LONG + ['/storage' => ['raw_mb' => 40, 'cards_gb' => [8, 12], 'slots' => 'copy']],
        'R3 on a slope' => ['/load' => ['camera_kg' => 1.2, 'head_kg' => 2, 'incline_deg' => 35, 'friction' => 0.1, 'thrust_n' => 25]],
    ];

    /**
     * @return iterable<string, Plan>
     */
    public static function whole(): iterable
    {
        foreach (self::WHOLE as $name => $changes) {
            yield $name => Plans::with($changes);
        }
        foreach (Plans::random(6) as $name => [$plan]) {
            yield $name => $plan;
        }
    }

    /**
     * @return iterable<string, Plan> to be changed
     */
    public static function changed(): iterable
    {
        foreach (['plain', 'dusk with a leaning base', 'stars over the salt pans', 'creeping past a gull'] as $name) {
            yield $name => Plans::with(self::WHOLE[$name]);
        }
        yield 'seed 3' => [...Plans::random(3, 3)]['seed 3'][0];
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>}> the finding that each is about, and what changes in the plain plan
     */
    public static function spoilt(): iterable
    {
        foreach (self::SPOILT as $name => $changes) {
            yield $name => [explode(' ', $name)[0], self::OPTICS + $changes];
        }
        foreach (ScoutingFailuresTest::rows() as $name => [$id, $changes]) {
            yield $name => [$id->value, $changes];
        }
    }

    /**
     * The same with every number times a factor but those that say where and when.
     *
     * @param array<array-key, mixed> $changes
     *
     * @return array<array-key, mixed>
     */
    public static function times(float $factor, array $changes): array
    {
        foreach ($changes as $name => $value) {
            $changes[$name] = match (true) {
                in_array($name, ['/site', '/start', 'output_width_px', 'output_height_px'], true) => $value,
                is_array($value) => self::times($factor, $value),
                is_int($value) && ($value > 20 || str_ends_with((string) $name, '_photos')) => (int) round($value * $factor),
                is_int($value), is_float($value) => $value * $factor,
                default => $value,
            };
        }

        return $changes;
    }

    /**
     * @return iterable<string, array{Site, list<Instant>}> far apart on the globe and in time, with instants of that day
     */
    public static function skies(): iterable
    {
        $sites = [
            'the estuary, first year' => new Site('', 52.2, 0.9, 'Europe/London', '1950-01-02', 4.0),
            'far north' => new Site('', 69.6, 18.9, 'Europe/Oslo', '1987-04-10', 120.0),
            'the line' => new Site('', -0.2, -78.5, 'America/Guayaquil', '2012-10-01', 2_850.0),
            'far south' => new Site('', -54.8, -68.3, 'America/Argentina/Ushuaia', '2049-12-28', 30.0),
            'after the middle of the century' => new Site('', 35.7, 139.7, 'Asia/Tokyo', '2063-07-16', 40.0),
            'the estuary, last year' => new Site('', 52.2, 0.9, 'Europe/London', '2100-11-30', 4.0),
        ];
        foreach ($sites as $name => $site) {
            yield $name => [$site, array_map(static fn (int $step): Instant => $site->day->begins->plusSeconds(17_111.0 * $step), range(0, 4))];
        }
    }
}
