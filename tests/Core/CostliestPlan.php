<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Plans as large as they are legal: the most photos for their axes, keyframes, keys and every option.
 */
final class CostliestPlan
{
    /**
     * @return string evrent.plan/1
     */
    public static function json(int $photos = 20_000, int $axes = 4, int $keyframes = 500, int $keys = 1_000): string
    {
        $ids = array_slice(['slide', 'pan', 'tilt', ...array_map(static fn (int $n): string => "axis{$n}", range(4, 12))], 0, $axes);
        $points = [];
        for ($k = 0; $k < $keyframes; $k++) {
            $at = $k === $keyframes - 1 ? 1.0 : $k / ($keyframes - 1);
            $points[] = ['at' => $at, 'pass' => $k % 3 > 0 && $k < $keyframes - 1 && $k > 0]
                + array_combine($ids, array_map(static fn (int $a): float => round(100 * sin($k / 7 + $a), 3), array_keys($ids)));
        }
        $keyed = static fn (string $name, float $least, float $most): array => array_map(static fn (int $n): array => [
            'at' => $n / ($keys - 1), $name => round($least + ($most - $least) * (0.5 + 0.5 * sin($n / 9)), 4),
        ], range(0, $keys - 1));
        $standing = 200;

        return Plans::json([
            '/timing/photos' => $photos - 2 * $standing, '/timing/head_photos' => $standing, '/timing/tail_photos' => $standing,
            '/timing/interval_s' => $keyed('interval_s', 3, 9), '/timing/exposure_s' => $keyed('exposure_s', 0.01, 2),
            '/timing/interval_means' => 'gap',
            '/rig/axes' => array_map(static fn (string $id): array => [
                'id' => $id, 'kind' => $id === 'slide' ? 'linear' : 'rotary', 'min' => -180, 'max' => 180, 'max_speed' => 20, 'max_acceleration' => 40,
                'steps_per_unit' => 160, 'backlash' => 0.05,
            ], $ids),
            '/rig/base' => ['off_level_deg' => 1, 'toward_deg' => 20, 'zero_bearing_deg' => 200],
            '/camera/long_exposure_noise_reduction' => true,
            '/camera/buffer_frames' => 40,
            '/move/keyframes' => $points,
            '/optics' => Plans::OPTICS + ['focal_mm' => 24, 'subject_speed_m_s' => 1.5],
            '/trigger' => ['by' => 'camera_timer', 'drift_ppm' => 100, 'camera_starts_s' => 0.2, 'count_limit' => 9999],
            '/site' => Plans::SITE,
            '/start' => ['event' => 'clock', 'at' => '16:20'],
            '/light' => [
                'aperture' => 5.6, 'iso' => 100, 'nd_stops' => 3, 'cloud' => 'thin', 'control' => 'manual', 'longest_s' => 2.5, 'filters' => [3, 6, 10],
                'bias' => [['ev' => -4, 'stops' => -1.5], ['ev' => 4, 'stops' => 0]],
                'iso_changes' => array_map(static fn (int $n): array => ['frame' => 2 + $n * 4, 'iso' => 100 + $n], range(0, 999)),
            ],
            '/storage' => ['raw_mb' => 30, 'jpeg_mb' => 10, 'cards_gb' => [120, 60], 'slots' => 'overflow'],
            '/power' => [
                'camera' => ['battery_wh' => 16, 'charge' => 0.9], 'rig' => ['battery_wh' => 50, 'batteries' => 2],
                'bank' => ['capacity_wh' => 70, 'feeds' => 'both'], 'temperature_c' => -5,
            ],
            '/load' => ['legs_rating_kg' => 6, 'carriage_rating_kg' => 4, 'incline_deg' => 20, 'thrust_n' => 40],
        ]);
    }
}
