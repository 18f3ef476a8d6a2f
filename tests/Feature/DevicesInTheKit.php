<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KitItem;
use App\Models\Take;
use App\Models\TakeLine;
use App\Models\TakeOrder;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Run\Take\Ending;
use Evrent\Core\Run\Take\Status;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

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

    /** A worker carries out what there is; whatever holds a start is set where it can be, and else used as it is. */
    private function carryOut(): void
    {
        foreach (Take::underWay()->get() as $take) {
            $order = static fn (string $order, array $more): array => [
                'take_id' => $take->id, 'said' => $order, 'key' => (string) Str::uuid(), 'more' => json_encode((object) $more, JSON_THROW_ON_ERROR), 'created_at' => now(),
            ];
            TakeOrder::query()->insert([
                $order('set_it', []),
                ...array_map(static fn (string $about): array => $order('as_is', ['about' => $about, 'why' => 'a test']), [
                    'planned light', 'card', 'battery', 'rig slide speed', 'rig slide steps', 'rig pan speed', 'rig pan steps', 'rig tilt speed', 'rig tilt steps',
                ]),
            ]);
        }
        $this->artisan('evrent:takes', ['--once' => true]);
    }

    /**
     * @return array{rig: string, camera: string, school: string} as they are chosen in the form
     */
    private function chosen(): array
    {
        $id = static fn (string $name): string => (string) KitItem::query()->where('name', $name)->sole()->id;

        return ['rig' => $id('Simulated rig'), 'camera' => $id('Simulated body'), 'school' => 'place'];
    }

    /** Holds that no photo of a take is missing. On a busy machine some come late in a fast world, and are taken all the same. */
    private function assertAllTaken(Take $take, int $photos): void
    {
        self::assertSame([Status::Ended, Ending::Complete], [$take->refresh()->status, $take->ending]);
        $page = (string) $this->get($take->at('takes.show'))->assertOk()->assertSee('Complete')->getContent();
        self::assertSame(1, preg_match("/(\\d+) of {$photos} photos(?:, (\\d+) late)?/", $page, $found));
        self::assertSame($photos, (int) $found[1] + (int) ($found[2] ?? 0), $found[0]);
        self::assertSame(range(1, $photos), array_keys(self::filesOf($take)));
    }

    /**
     * @return array<int, string> what the camera stored, by photo, as the take's log has it
     */
    private static function filesOf(Take $take): array
    {
        $files = [];
        $take->lines()->get()->each(static function (TakeLine $line) use (&$files): void {
            $object = $line->read()->text('object');
            if ($line->photo !== null && $object !== null) {
                $files[$line->photo] = basename($object);
            }
        });
        ksort($files);

        return $files;
    }
}
