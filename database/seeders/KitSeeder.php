<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\KitItem;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Devices\Simulators\SimulatedKit;
use Evrent\Words\Words;
use Illuminate\Database\Seeder;

/**
 * Made-up kit with sensible numbers, to start from: change it into your own.
 */
final class KitSeeder extends Seeder
{
    private const HEAD = [
        'pan_min' => -180.0, 'pan_max' => 180.0, 'pan_max_speed' => 12.0,
        'pan_max_acceleration' => 30.0, 'pan_steps_per_unit' => 355.5555555556, 'pan_backlash' => 0.02,
        'tilt_min' => -45.0, 'tilt_max' => 60.0, 'tilt_max_speed' => 10.0,
        'tilt_max_acceleration' => 30.0, 'tilt_steps_per_unit' => 355.5555555556, 'tilt_backlash' => 0.02,
    ];

    public function run(): void
    {
        foreach (self::pieces() as $piece) {
            KitItem::query()->firstOrCreate(['kind' => $piece->kind->value, 'name' => $piece->name], KitItem::keeping($piece));
        }
        // Simulated ones run beside Evrent, to shoot on at a desk.
        foreach (SimulatedKit::pieces() as $piece) {
            if (config()->string($piece->kind === KitKind::Rig ? 'evrent.rig_address' : 'evrent.camera_address') !== '') {
                KitItem::query()->updateOrCreate(['kind' => $piece->kind->value, 'name' => $piece->name], KitItem::keeping($piece));
            }
        }
    }

    /**
     * @return list<Piece>
     */
    public static function pieces(): array
    {
        $name = static fn (string $key): string => Words::of("demo.kit.{$key}");
        $note = static fn (string $key): string => Words::of("demo.note.{$key}");

        return [
            new Piece(KitKind::Body, $name('full_frame'), [
                'sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0,
                'image_width_px' => 6000.0, 'image_height_px' => 4000.0, 'mass_kg' => 0.7, 'raw_mb' => 28.0,
                'write_s' => 0.6, 'buffer_frames' => 24.0, 'shutter_lag_s' => 0.06,
                'battery_wh' => 16.0, 'idle_w' => 1.1, 'exposing_w' => 2.6, 'photo_j' => 3.0,
                'lowest_iso' => 100.0, 'highest_iso' => 6400.0,
            ], 1, $note('thirds')),
            new Piece(KitKind::Body, $name('small_sensor'), [
                'sensor_width_mm' => 23.5, 'sensor_height_mm' => 15.7,
                'image_width_px' => 6240.0, 'image_height_px' => 4160.0, 'mass_kg' => 0.45, 'raw_mb' => 26.0,
                'write_s' => 0.7, 'buffer_frames' => 18.0, 'shutter_lag_s' => 0.08,
                'battery_wh' => 8.7, 'idle_w' => 1.3, 'exposing_w' => 2.4, 'photo_j' => 3.0,
                'lowest_iso' => 100.0, 'highest_iso' => 6400.0,
            ]),
            new Piece(KitKind::Body, $name('pocket'), [
                'sensor_width_mm' => 13.2, 'sensor_height_mm' => 8.8,
                'image_width_px' => 5472.0, 'image_height_px' => 3648.0, 'mass_kg' => 0.3, 'raw_mb' => 21.0, 'jpeg_mb' => 8.0,
                'write_s' => 1.2, 'buffer_frames' => 6.0, 'shutter_lag_s' => 0.1,
                'battery_wh' => 4.5, 'idle_w' => 1.2, 'exposing_w' => 1.9, 'photo_j' => 2.0,
                'lowest_iso' => 125.0, 'highest_iso' => 3200.0, 'interval_step_s' => 1.0, 'counts_to' => 999.0,
            ], 1, $note('built_in'), 'own'),
            new Piece(KitKind::Body, $name('phone'), [
                'sensor_width_mm' => 9.8, 'sensor_height_mm' => 7.3,
                'image_width_px' => 4080.0, 'image_height_px' => 3060.0, 'mass_kg' => 0.2, 'jpeg_mb' => 4.0,
                'write_s' => 0.3, 'buffer_frames' => 20.0, 'shutter_lag_s' => 0.1,
                'battery_wh' => 15.0, 'idle_w' => 1.6, 'exposing_w' => 2.4, 'photo_j' => 1.0,
                'lowest_iso' => 50.0, 'highest_iso' => 3200.0,
            ], 1, $note('built_in_list'), 'own', intervals: [1.0, 2.0, 3.0, 5.0, 10.0, 15.0, 30.0, 60.0]),
            new Piece(KitKind::Lens, $name('wide'), ['focal_mm' => 20.0, 'widest_aperture' => 1.8, 'mass_kg' => 0.5]),
            new Piece(KitKind::Lens, $name('pocket_lens'), ['focal_mm' => 8.8, 'widest_aperture' => 1.8]),
            new Piece(KitKind::Lens, $name('phone_lens'), ['focal_mm' => 6.9, 'widest_aperture' => 1.8]),
            new Piece(KitKind::Lens, $name('normal'), ['focal_mm' => 35.0, 'widest_aperture' => 2.0, 'mass_kg' => 0.35]),
            new Piece(KitKind::Lens, $name('long'), ['focal_mm' => 85.0, 'widest_aperture' => 1.8, 'mass_kg' => 0.6]),
            new Piece(KitKind::Rig, $name('rail'), [
                'slide_min' => 0.0, 'slide_max' => 900.0, 'slide_max_speed' => 40.0,
                'slide_max_acceleration' => 90.0, 'slide_steps_per_unit' => 80.0, 'slide_backlash' => 0.05,
            ] + self::HEAD + [
                'settle_s' => 0.6, 'head_kg' => 1.6, 'rig_kg' => 2.8, 'carriage_rating_kg' => 6.0, 'thrust_n' => 45.0,
                'battery_wh' => 50.0, 'moving_w' => 14.0, 'holding_w' => 4.5, 'idle_w' => 1.2,
            ]),
            new Piece(KitKind::Rig, $name('head'), self::HEAD + [
                'settle_s' => 0.5, 'head_kg' => 1.6, 'battery_wh' => 30.0, 'moving_w' => 9.0, 'holding_w' => 3.0, 'idle_w' => 1.0,
            ]),
            new Piece(KitKind::Rig, $name('pan_head'), [
                'pan_max_speed' => 8.0, 'pan_max_acceleration' => 20.0, 'pan_steps_per_unit' => 355.5555555556, 'pan_backlash' => 0.05, 'pan_endless' => 1.0,
                'settle_s' => 0.4, 'head_kg' => 0.9, 'battery_wh' => 12.0, 'moving_w' => 4.0, 'holding_w' => 1.5, 'idle_w' => 0.5,
            ]),
            new Piece(KitKind::Legs, $name('heavy_tripod'), ['rating_kg' => 18.0, 'mass_kg' => 3.6]),
            new Piece(KitKind::Legs, $name('light_tripod'), ['rating_kg' => 6.0, 'mass_kg' => 1.4]),
            new Piece(KitKind::Filter, $name('nd_3'), ['nd_stops' => 3.0]),
            new Piece(KitKind::Filter, $name('nd_6'), ['nd_stops' => 6.0]),
            new Piece(KitKind::Filter, $name('nd_10'), ['nd_stops' => 10.0]),
            new Piece(KitKind::Card, $name('card_64'), ['capacity_gb' => 60.0], 3),
            new Piece(KitKind::Card, $name('card_128'), ['capacity_gb' => 120.0], 2),
            new Piece(KitKind::CameraBattery, $name('battery'), ['battery_wh' => 16.0], 4),
            new Piece(KitKind::RigBattery, $name('rig_battery'), ['battery_wh' => 50.0], 2),
            new Piece(KitKind::Timer, $name('timer'), ['interval_step_s' => 1.0, 'counts_to' => 399.0], 1, $note('whole_seconds')),
            new Piece(KitKind::PowerBank, $name('power_bank'), ['capacity_wh' => 70.0, 'efficiency' => 0.85]),
            new Piece(KitKind::Cable, $name('trigger_cable'), ['length_m' => 1.2], 2, $note('spare')),
            new Piece(KitKind::Cable, $name('dummy_battery'), ['length_m' => 1.5]),
        ];
    }
}
