<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Shot;
use App\Models\TestGrid;
use App\Models\TestGridCell;
use App\Models\Trial;
use App\Status\CheckStatus;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\Group;
use Tests\Devices\DeviceProcess;

/**
 * A test shoot is shot on rig and camera, cell by cell.
 */
final class TestGridTest extends PageTestCase
{
    use DevicesInTheKit;

    private string $card;
    private DeviceProcess $camera;
    private DeviceProcess $rig;

    protected function setUp(): void
    {
        parent::setUp();
        config(['evrent.world_speed' => 60.0]);
        $this->card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $this->camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->card}", '--speed=60']);
        $this->rig = new DeviceProcess(['rig', '--port=0', "--trigger={$this->camera->second}", '--speed=60']);
        $this->addDevices($this->rig->address, "ptp:{$this->camera->address}");
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->card));
        parent::tearDown();
    }

    #[Group('turn-2')]
    public function testEachCellIsShotAsItSaysAndOneGoesIntoThePlan(): void
    {
        $shot = self::shot();
        $trial = $this->trial($shot, '0.4 20', '1/20 1');

        $grid = $this->start($trial, $shot);
        $this->get($grid->at('show'))->assertOk()->assertSee(Words::of('app.grid_page.waiting'))->assertSee(Words::of('trials.grid_now.stop'));
        $this->artisan('evrent:takes', ['--once' => true]);

        self::assertSame(CheckStatus::Done, $grid->refresh()->status, Words::say($grid->says));
        $cells = TestGridCell::query()->where('test_grid_id', $grid->id)->get()->keyBy('cell');
        self::assertSame(['0:0', '0:1', '1:0', '1:1'], $cells->keys()->all());
        self::assertStringContainsString('Interval too short', Words::say($cells['0:0']->says));
        self::assertSame(Words::of('devices.grid.no_fit'), Words::say($cells['0:1']->says));
        // Five photos of each of the two that fit, at their shutter times.
        $exposures = array_map(
            static fn (string|false $path): mixed => exif_read_data((string) $path)['ExposureTime'] ?? '',
            (array) glob("{$this->card}/DCIM/*/*.JPG"),
        );
        self::assertSame([...array_fill(0, 5, '1/20'), ...array_fill(0, 5, '10000/10000')], $exposures);

        $film = $this->get($grid->at('film', '1:0'))->assertOk()->assertHeader('Content-Type', 'video/mp4')->getContent();
        self::assertSame('ftyp', substr((string) $film, 4, 4));
        $this->get($grid->at('still', '1:1'))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->get($grid->at('film', '0:0'))->assertNotFound();
        $this->get("{$grid->at('show')}?seen=3")->assertSee("clip-{$trial->id}-1-1", false)->assertDontSee("clip-{$trial->id}-1-0", false);
        $this->get(route('trials.index', $trial->shoot_id))->assertSee(Words::of('trials.clip.use'))->assertSee('Play side by side');

        $this->post($grid->at('take'), ['cell' => '1:1'])->assertRedirect(route('shots.view', [...$shot->address(), 'time']));
        $plan = $shot->refresh()->currentRevision()->toPlan();
        self::assertSame([20.0, 1.0], [$plan->timing->interval->longest(), $plan->timing->exposure->longest()]);
        $this->post($grid->at('take'), ['cell' => '9:9'])->assertRedirect();
        self::assertEquals($plan, $shot->refresh()->currentRevision()->toPlan());
    }

    public function testATestIsStoppedAndOneThatBrokeOffGoesOnWithItsNextCell(): void
    {
        $shot = self::shot();
        $trial = $this->trial($shot, '20', '1/8 1');
        $stopped = $this->start($trial, $shot);
        $this->post("{$shot->path()}/stop")->assertRedirect();
        self::assertSame(CheckStatus::Stopped, $stopped->refresh()->status);

        $grid = $this->start($trial, $shot);
        self::assertNotSame($stopped->id, $grid->id);
        self::assertSame($grid->id, $this->start($trial, $shot)->id, 'pressed twice it is one');
        TestGrid::query()->whereKey($grid->id)->update(['status' => CheckStatus::Running]);
        TestGridCell::query()->create(['test_grid_id' => $grid->id, 'cell' => '0:0', 'says' => 'shot before']);
        $this->artisan('evrent:takes', ['--once' => true]);

        self::assertSame(CheckStatus::Done, $grid->refresh()->status, Words::say($grid->says));
        self::assertSame(['shot before', ''], TestGridCell::query()->where('test_grid_id', $grid->id)->orderBy('cell')->pluck('says')->all());
        self::assertCount(5, (array) glob("{$this->card}/DCIM/*/*.JPG"));
    }

    public function testWhileItIsShotTheShotStaysAndDevicesInUseAreWaitedFor(): void
    {
        $shot = self::shot();
        $trial = $this->trial($shot, '20', '1');
        $grid = $this->start($trial, $shot);
        $this->delete($shot->path())->assertSessionHas('notice', Words::of('app.throw_away.test', name: $shot->title()));
        self::assertFalse($shot->refresh()->trashed());

        $locks = DeviceLocks::take($this->rig->address, '');
        TestGrid::query()->whereKey($grid->id)->update(['created_at' => now()->subMinutes(5)]);
        $this->artisan('evrent:takes', ['--once' => true]);
        $this->get($grid->at('show'))->assertSee(Words::of('app.grid_page.waiting'));
        $locks?->letGo();
        $this->post($grid->at('stop'))->assertRedirect();
        $this->delete($shot->path())->assertSessionHas('deleted');
    }

    public function testWhatCannotBeShotIsSaidByItsField(): void
    {
        $shot = self::shot();
        $trial = $this->trial($shot, '20', '1');
        $to = route('grids.store', [$trial->shoot_id, $trial]);
        $name = "grid.{$trial->id}";
        $this->post($to, ['shot' => '999999'] + $this->chosen())->assertSessionHasErrors("{$name}.shot");
        $this->post($to, ['shot' => (string) $shot->id, 'rig' => 'none'] + $this->chosen())->assertSessionHasErrors("{$name}.rig");
        $this->post($to, ['shot' => (string) $shot->id, 'camera' => 'none'] + $this->chosen())->assertSessionHasErrors("{$name}.camera");
        self::assertSame(0, TestGrid::query()->count());

        $grid = $this->start($trial, $shot);
        $this->rig->kill();
        $this->artisan('evrent:takes', ['--once' => true]);
        self::assertSame(CheckStatus::Failed, $grid->refresh()->status);
        $this->get(route('trials.index', $trial->shoot_id))->assertSee('Failed.')->assertSee(Words::of('devices.rig.no_answer', address: $this->rig->address));
    }

    private function trial(Shot $shot, string $intervals, string $shutters): Trial
    {
        $this->post(route('trials.store', $shot->shoot_id), ['subject' => 'reeds', 'intervals' => $intervals, 'shutters' => $shutters, 'photos' => '5'])
            ->assertSessionHasNoErrors();

        return Trial::query()->latest('id')->firstOrFail();
    }

    private function start(Trial $trial, Shot $shot): TestGrid
    {
        $this->post(route('grids.store', [$trial->shoot_id, $trial]), ['shot' => (string) $shot->id, 'speed' => '60'] + $this->chosen())
            ->assertSessionHasNoErrors();

        return TestGrid::query()->latest('id')->firstOrFail();
    }
}
