<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DeviceCheck;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\ShotView;
use Evrent\Words\Words;
use Tests\Devices\DeviceProcess;

/**
 * A camera on legs alone: everything but motion is planned, looked at, rehearsed and shot.
 */
final class LegsAloneTest extends PageTestCase
{
    use DevicesInTheKit;

    public function testEveryViewOfItOpensAndSaysNothingOfAMove(): void
    {
        $shot = self::made();
        self::assertSame([], self::planOf($shot)->rig->axes);
        foreach (ShotView::cases() as $view) {
            $this->get("{$shot->path()}/{$view->value}")->assertOk()->assertSee('class="on-legs"', false)->assertDontSee('standing photos to cut in');
        }
        $this->get("{$shot->path()}/run")->assertSee(Words::of('shots.sentence.tripod'))->assertDontSee(Words::of('shots.shoot_it.both_ends'))->assertDontSee('Rig homed');
        $this->get("{$shot->path()}/schedule")->assertOk();
        $this->get("{$shot->path()}/schedule.csv")->assertOk();
        $this->get("{$shot->path()}/history")->assertOk();
        $this->get("/shoots/{$shot->shoot_id}/sheet")->assertOk()->assertSee('Stars on legs');
        $this->post("{$shot->path()}/runs", ['kind' => 'missed_trigger', 'frame' => '3'])->assertRedirect();
        $run = $shot->runs()->firstOrFail();
        $this->get($run->at('runs.show'))->assertOk()->assertSee('239');
        $this->post("{$shot->path()}/runs", ['kind' => 'stalled_axis', 'frame' => '3'])->assertSessionHasErrors();
    }

    public function testItIsShotWithoutARig(): void
    {
        config(['evrent.world_speed' => 200.0]);
        $card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$card}", '--speed=200']);
        $shot = self::made(['/timing/photos' => 12]);
        $this->addDevices('127.0.0.1:1', "ptp:{$camera->address}");
        $chosen = ['rig' => 'none'] + $this->chosen();
        $this->post("{$shot->path()}/checks", ['what' => 'keyframes'] + $chosen)->assertSessionHasNoErrors();
        $this->carryOut();
        self::assertCount(1, DeviceCheck::query()->sole()->pictures);
        $this->post("{$shot->path()}/takes", $chosen)->assertSessionHasNoErrors();
        $take = Take::query()->sole();
        $this->get($take->at('takes.show'))->assertOk();
        $this->carryOut();
        $this->assertAllTaken($take, 12);
        self::assertSame(0, $take->lines()->whereIn('kind', ['homed', 'move', 'arrived'])->count());
        exec('rm -rf ' . escapeshellarg($card));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function made(array $changes = []): Shot
    {
        return self::shot($changes + [
            '/title' => 'Stars on legs', '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
            '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/timing/photos' => 240,
        ]);
    }
}
