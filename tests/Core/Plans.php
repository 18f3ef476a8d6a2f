<?php

declare(strict_types=1);

namespace Tests\Core;

use Evrent\Core\Format\PlanReader;
use Evrent\Core\Plan\Plan;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Runner\Cases;

/**
 * Plans to test with: the examples, one plain plan to change a field of, and seeded random ones.
 */
final class Plans
{
    /** A sensor of 36 by 24 mm and 6000 by 4000 pixels, for a clip of 1920 by 1080. */
    public const OPTICS = [
        'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'image_width_px' => 6000, 'image_height_px' => 4000,
        'output_width_px' => 1920, 'output_height_px' => 1080, 'foreground_m' => 2, 'subject_m' => 20, 'background_m' => 400,
    ];

    /** A made-up place on a tidal estuary, on a spring evening with an early moon. */
    public const SITE = [
        'name' => 'Saltreach', 'latitude_deg' => 52.2, 'longitude_deg' => 0.9, 'zone' => 'Europe/London', 'date' => '2027-03-23',
    ];

    /**
     * @return array<string, mixed>
     */
    public static function document(): array
    {
        /** @var array<string, mixed> */
        return json_decode(self::fixture('1-two-keyframes.plan.json'), true, 32, JSON_THROW_ON_ERROR);
    }

    public static function example(string $name): Plan
    {
        return PlanReader::fromJson(self::fixture("{$name}.plan.json"));
    }

    public static function fixture(string $file): string
    {
        $text = file_get_contents(__DIR__ . '/../fixtures/' . $file);
        assert(is_string($text));

        return $text;
    }

    /**
     * The plain plan with some fields changed, by JSON pointer.
     *
     * @param array<string, mixed> $changes
     */
    public static function with(array $changes): Plan
    {
        return PlanReader::fromJson(self::json($changes));
    }

    /**
     * @param array<string, mixed> $changes by JSON pointer
     */
    public static function json(array $changes): string
    {
        $document = self::document();
        foreach ($changes as $pointer => $value) {
            $place = &$document;
            foreach (explode('/', ltrim($pointer, '/')) as $name) {
                $place ??= [];
                assert(is_array($place));
                $place = &$place[$name];
            }
            $place = $value;
            unset($place);
        }

        return json_encode($document, JSON_THROW_ON_ERROR);
    }

    /**
     * Random plans that differ in everything the schedule is computed from, the same for the same seed.
     *
     * @param int $last the last seed
     *
     * @return iterable<string, array{Plan}>
     */
    public static function random(int $last, int $from = 1, int $mostPhotos = 400): iterable
    {
        foreach (range($from, $last) as $seed) {
            yield "seed {$seed}" => [self::ofSeed($seed, $mostPhotos)];
        }
    }

    /**
     * Those of the random plans that this run draws.
     *
     * @param int $last the last seed
     *
     * @return iterable<string, array{Plan}>
     */
    public static function drawn(int $last, int $from = 1, int $mostPhotos = 400): iterable
    {
        foreach (Cases::numbers($last - $from + 1, $from) as $seed) {
            yield "seed {$seed}" => [self::ofSeed($seed, $mostPhotos)];
        }
    }

    public static function ofSeed(int $seed, int $mostPhotos = 400): Plan
    {
        return PlanReader::fromJson(self::randomJson(new Randomizer(new Mt19937($seed)), $mostPhotos));
    }

    private static function randomJson(Randomizer $random, int $mostPhotos): string
    {
        $float = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1_000_000;
        $whole = $random->getInt(...);
        $photos = $whole(20, $mostPhotos);
        $ids = array_slice(['slide', 'pan', 'tilt'], 0, $whole(1, 3));
        $axes = array_map(static fn (string $id): array => [
            'id' => $id, 'kind' => $id === 'slide' ? 'linear' : 'rotary', 'min' => -2000, 'max' => 2000,
            'max_speed' => $float(2, 40), 'max_acceleration' => $float(5, 90),
            'steps_per_unit' => $float(5, 300), 'backlash' => $float(0, 0.2),
        ], $ids);
        $ease = static function () use ($float, $whole): array {
            $in = $float(0, 1);

            return ['ramp_in' => $in, 'ramp_out' => $float(0, 1 - $in), 'shape' => ['constant', 'cosine', 'cubic', 'quintic'][$whole(0, 3)]];
        };
        $count = $whole(2, 5);
        $keyframes = [];
        for ($k = 0; $k < $count; $k++) {
            $inside = $k > 0 && $k < $count - 1;
            $pass = $inside && $whole(0, 1) === 1;
            $keyframes[] = [
                'at' => $k / ($count - 1),
                ...array_fill_keys($ids, 0),
                'pass' => $pass,
                'hold_photos' => $pass ? 0 : $whole(0, 4),
            ] + ($pass || $k === $count - 1 ? [] : ['easing' => $ease()]);
            foreach ($ids as $id) {
                $keyframes[$k][$id] = $float(-900, 900);
            }
        }

        $plan = [
            'format' => 'evrent.plan/1',
            'title' => 'Random',
            'timing' => [
                'mode' => ['shoot_move_shoot', 'continuous'][$whole(0, 1)],
                'frames_per_second' => [24, 25, 30][$whole(0, 2)],
                'photos' => $photos, 'head_photos' => $whole(0, 20), 'tail_photos' => $whole(0, 20),
                'interval_s' => $whole(0, 1) === 1
                    ? $float(0.5, 12)
                    : [['at' => 0, 'interval_s' => $float(1, 9)], ['at' => 0.3, 'interval_s' => $float(1, 9)], ['at' => 1, 'interval_s' => $float(1, 9)]],
                'interval_means' => ['start_to_start', 'gap'][$whole(0, 1)],
                'exposure_s' => $whole(0, 1) === 1
                    ? $float(0.001, 4)
                    : [['at' => 0, 'exposure_s' => $float(0.01, 4)], ['at' => 1, 'exposure_s' => $float(0.01, 4)]],
            ],
            'rig' => ['axes' => $axes, 'post_exposure_delay_s' => $float(0, 0.5), 'settle_s' => $float(0, 1.5)],
            'camera' => [
                'shutter_lag_s' => $float(0, 0.2), 'write_s' => $float(0, 4), 'buffer_frames' => $whole(1, 12),
                'long_exposure_noise_reduction' => $whole(0, 3) === 0,
            ] + [[], ['exposure_timed_by' => 'camera'], ['exposure_timed_by' => 'controller'], ['exposure_timed_by' => 'camera', 'dial' => ['manual', 'bulb', 'aperture_priority'][$whole(0, 2)]]][$whole(0, 3)],
            'move' => ['keyframes' => $keyframes, 'easing' => $ease()],
        ]
            + ($whole(0, 1) === 0 ? [] : ['optics' => self::OPTICS + ['focal_mm' => $float(12, 100), 'subject_speed_m_s' => $float(0, 2), 'subject_kind' => $float(0, 1) < 0.5 ? 'one' : 'stream']])
            + ($whole(0, 2) > 0 ? [] : ['trigger' => [
                'by' => ['rig', 'camera_timer'][$whole(0, 1)], 'drift_ppm' => $float(-200, 200), 'camera_starts_s' => $float(-1, 1),
            ] + ($whole(0, 1) === 0 ? [] : ['count_limit' => $whole(100, 500)])])
            + ($whole(0, 1) === 0 ? [] : self::randomScouting($float, $whole));
        if (is_array($plan['site'] ?? null) && $whole(0, 2) === 0) {
            $plan['site']['horizon'] = sprintf('%d %.1f, %d %.1f, %d %.1f', $whole(0, 80), $float(-1, 20), $whole(90, 200), $float(0, 10), $whole(210, 350), $float(0, 40));
        }
        if (isset($plan['site']) && $plan['timing']['mode'] === 'shoot_move_shoot' && $whole(0, 2) === 0) {
            // Hours of a few minutes, so that a short shot pauses too.
            [$hour, $minute] = [$whole(0, 23), $whole(0, 40)];
            $plan['window'] = [
                ['from' => ['event' => 'sunrise'], 'until' => ['event' => 'sunset', 'offset_s' => -600]],
                ['from' => ['event' => 'clock', 'at' => sprintf('%02d:%02d', $hour, $minute)], 'until' => ['event' => 'clock', 'at' => sprintf('%02d:%02d', $hour, $minute + 9)]],
                ['from' => ['event' => 'clock', 'at' => '22:10'], 'until' => ['event' => 'clock', 'at' => '03:20']],
            ][$whole(0, 2)];
        }

        return json_encode($plan, JSON_THROW_ON_ERROR);
    }

    /**
     * Place, light, and what is carried.
     *
     * @param callable(float, float): float $float
     * @param callable(int, int): int       $whole
     *
     * @return array<string, mixed>
     */
    private static function randomScouting(callable $float, callable $whole): array
    {
        return [
            'site' => [
                'name' => 'Anywhere', 'latitude_deg' => $float(-89, 89), 'longitude_deg' => $float(-180, 180), 'zone' => ['UTC', 'Europe/Lisbon', 'Asia/Kathmandu'][$whole(0, 2)],
                'date' => sprintf('20%02d-%02d-%02d', $whole(10, 90), $whole(1, 12), $whole(1, 28)), 'elevation_m' => $float(0, 2000), 'sky_glow_lux' => $float(0, 0.01),
                'sky_mag' => $float(17, 22),
            ],
            'start' => [
                ['event' => 'clock', 'at' => sprintf('%02d:%02d', $whole(0, 23), $whole(0, 59)), 'days' => $whole(0, 1)],
                ['event' => 'sunset', 'offset_s' => $float(-5000, 5000)],
                ['event' => 'moon_rises_to', 'height_deg' => $float(-5, 40)],
            ][$whole(0, 2)],
            'light' => [
                'aperture' => $float(1.4, 16), 'iso' => [100, 400, 1600][$whole(0, 2)], 'nd_stops' => $whole(0, 6), 'cloud' => ['clear', 'thin', 'average', 'dark'][$whole(0, 3)],
                'control' => ['manual', 'aperture_priority'][$whole(0, 1)], 'longest_s' => $float(0.5, 30), 'stepless' => $whole(0, 1) === 1,
                'filters' => [3, 6, 10], 'exposed_for' => ['land', 'sky', 'lamps'][$whole(0, 2)], 'lamps_lux' => $float(0.1, 200), 'bias_stops' => $float(-2, 1),
            ]
                + ($whole(0, 1) === 0 ? [] : ['iso_changes' => [['frame' => 5, 'iso' => 200], ['frame' => 9, 'iso' => 400]], 'bias' => [['ev' => -4, 'stops' => -1.5], ['ev' => 4, 'stops' => 0]]])
                + ($whole(0, 1) === 0 ? [] : ['metered' => ['at' => '2027-03-23T18:00:00Z', 'exposure_s' => $float(0.001, 1), 'aperture' => 8, 'iso' => 100]])
                + ($whole(0, 1) === 0 ? [] : ['widest_aperture' => $float(1.2, 4), 'highest_iso' => [1600, 6400, 25600][$whole(0, 2)]]),
            'storage' => ['raw_mb' => $float(10, 60), 'jpeg_mb' => $float(0, 20), 'cards_gb' => [$float(0.5, 8), $float(1, 8)], 'slots' => ['overflow', 'copy', 'split'][$whole(0, 2)]],
            'power' => [
                'camera' => ['battery_wh' => $float(0.2, 16), 'charge' => $float(0.2, 1)],
                'rig' => ['battery_wh' => $float(1, 40), 'batteries' => 2],
                'temperature_c' => $float(-25, 30),
            ] + ($whole(0, 1) === 0 ? [] : ['bank' => ['capacity_wh' => $float(1, 60), 'feeds' => ['camera', 'rig', 'both'][$whole(0, 2)]]]),
            'load' => ['legs_rating_kg' => $float(2, 12), 'carriage_rating_kg' => $float(2, 8), 'incline_deg' => $float(0, 60), 'thrust_n' => $float(10, 80)],
            'kit' => [['kind' => 'legs', 'name' => 'Tall legs'], ['kind' => 'card', 'name' => 'Card', 'count' => 2]],
        ];
    }
}
