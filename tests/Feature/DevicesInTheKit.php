<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KitItem;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Illuminate\Support\Facades\DB;

/**
 * A rig and a body in the kit that are reached where a test has them.
 */
trait DevicesInTheKit
{
    private function addDevices(string $rig, string $camera): void
    {
        DB::table('kit_items')->whereIn('name', ['Simulated rig', 'Simulated body'])->delete();
        $axes = ['slide_min' => 0.0, 'slide_max' => 900.0, 'slide_max_speed' => 40.0, 'slide_max_acceleration' => 90.0, 'slide_steps_per_unit' => 80.0];
        KitItem::query()->create(KitItem::keeping(new Piece(KitKind::Rig, 'Simulated rig', $axes, address: $rig)));
        $body = ['sensor_width_mm' => 36.0, 'sensor_height_mm' => 24.0, 'image_width_px' => 6000.0, 'image_height_px' => 4000.0];
        KitItem::query()->create(KitItem::keeping(new Piece(KitKind::Body, 'Simulated body', $body, address: $camera)));
    }

    /**
     * @return array{rig: string, camera: string, school: string} as they are chosen in the form
     */
    private function chosen(): array
    {
        $id = static fn (string $name): string => (string) KitItem::query()->where('name', $name)->sole()->id;

        return ['rig' => $id('Simulated rig'), 'camera' => $id('Simulated body'), 'school' => 'place'];
    }
}
