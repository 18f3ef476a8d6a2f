<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DeviceCheck;
use App\Models\PreflightTick;
use App\Models\Shot;
use App\Models\Take;
use App\Status\CheckStatus;
use Evrent\Core\Messages\Message;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\Group;
use Tests\Devices\DeviceProcess;

/**
 * Devices that are asked before a shot: what they say ticks what it can, and takes the tick off what is wrong.
 */
final class DeviceCheckTest extends PageTestCase
{
    use DevicesInTheKit;

    private string $card;
    private DeviceProcess $camera;
    private DeviceProcess $rig;

    protected function setUp(): void
    {
        parent::setUp();
        config(['evrent.world_speed' => 200.0]);
        $this->card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $this->camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->card}", '--speed=200']);
        $this->rig = new DeviceProcess(['rig', '--port=0', "--trigger={$this->camera->second}", '--speed=200']);
        $this->addDevices($this->rig->address, "ptp:{$this->camera->address}");
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->card));
        parent::tearDown();
    }

    public function testWhatTheySayIsTickedAndKeptWithTheTake(): void
    {
        $shot = self::shot();
        $check = $this->ask($shot, 'ask');
        self::assertSame(CheckStatus::Waiting, $check->status);
        $this->get($check->at())->assertOk()->assertSee('Waiting for the rig')->assertSee(Words::of('shots.device_check.stop'));
        $this->artisan('evrent:takes', ['--once' => true]);
        $check->refresh();
        self::assertSame(CheckStatus::Done, $check->status, implode(' ', array_map(static fn (mixed $said): string => Words::say(Message::kept($said)), $check->said)));
        self::assertTrue($check->found['card']['isWell']);
        self::assertFalse($check->found['homed']['isWell']);
        self::assertSame(['card'], PreflightTick::query()->whereIn('item', ['card', 'homed'])->pluck('item')->all());
        $this->get($check->at())->assertOk()->assertSee(Words::of('shots.device_check.asked'))->assertSee('Space for ')->assertSee('hx-swap-oob', false);
        $this->get("{$shot->path()}/run")->assertSee(Words::of('run.devices.not_homed'));
    }

    #[Group('turn-1')]
    public function testTestPhotosAreTakenAtEachKeyframe(): void
    {
        $shot = self::shot();
        $check = $this->ask($shot, 'keyframes');
        $this->artisan('evrent:takes', ['--once' => true]);
        $check->refresh();
        self::assertSame(CheckStatus::Done, $check->status, implode(' ', array_map(static fn (mixed $said): string => Words::say(Message::kept($said)), $check->said)));
        $keyframes = count($shot->currentRevision()->toPlan()->move->keyframes);
        self::assertSame($keyframes, count($check->pictures));
        self::assertCount($keyframes, (array) glob("{$this->card}/DCIM/*/*.JPG"));
        self::assertTrue($check->found['cable']['isWell']);
        self::assertTrue(PreflightTick::query()->where('item', 'cable')->sole()->is_by_devices);
        $this->get("{$shot->path()}/run")->assertSee('Test photo at A')->assertSee('EVR_0001.JPG')->assertDontSee('base64');
        $picture = $this->get($check->at('picture', 'A'))->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame(160, getimagesizefromstring((string) $picture->getContent())[0] ?? 0);
        $this->get($check->at('picture', 'ZZ'))->assertNotFound();
        $this->post("{$shot->path()}/takes", $this->chosen() + ['reason' => 'to keep the ticks'])->assertSessionHasNoErrors();
        self::assertContains('devices', array_column(Take::query()->sole()->preflight, 'by'));
    }

    public function testBothEndsAreDrivenToAndAStopIsHeard(): void
    {
        $shot = self::shot();
        $check = $this->ask($shot, 'ends');
        $this->artisan('evrent:takes', ['--once' => true]);
        self::assertTrue($check->refresh()->found['ends']['isWell']);
        self::assertEquals(new Message('devices.check.homing'), Message::kept($check->said[0]));
        $again = $this->ask($shot, 'ends');
        self::assertNotSame($check->id, $again->id);
        $this->post($again->at('stop'))->assertRedirect();
        $this->artisan('evrent:takes', ['--once' => true]);
        self::assertSame(CheckStatus::Stopped, $again->refresh()->status);
    }

    public function testWhatDoesNotAnswerIsSaid(): void
    {
        $shot = self::shot();
        $this->rig->kill();
        $check = $this->ask($shot, 'ask');
        self::assertSame($check->id, $this->ask($shot, 'ends')->id, 'one at a time');
        $this->artisan('evrent:takes', ['--once' => true]);
        self::assertSame(CheckStatus::Failed, $check->refresh()->status);
        $this->get("{$shot->path()}/run")->assertSee(Words::of('devices.rig.no_answer', address: $this->rig->address));
        DeviceCheck::query()->whereKey($check->id)->update(['status' => 'running']);
        $this->artisan('evrent:takes', ['--once' => true]);
        $this->get("{$shot->path()}/run")->assertSee(Words::of('devices.check.interrupted'));
    }

    public function testWhatIsWrongWithTheAskingIsToldByTheField(): void
    {
        $shot = self::shot();
        $this->post("{$shot->path()}/checks", ['what' => 'ends', 'rig' => 'none', 'camera' => 'none'])->assertSessionHasErrors('take.rig');
        $this->post("{$shot->path()}/checks", ['what' => 'dance'] + $this->chosen())->assertSessionHasErrors('take.rig');
        $this->post("{$shot->path()}/checks", ['what' => 'ask', 'rig' => '999999'])->assertSessionHasErrors('take.rig');
        // What was typed beside it is still there.
        $this->followingRedirects()->post("{$shot->path()}/checks", ['what' => 'ask', 'delay' => '7 min'] + $this->chosen())->assertSee('value="7 min"', false);
    }

    private function ask(Shot $shot, string $what): DeviceCheck
    {
        $this->post("{$shot->path()}/checks", ['what' => $what] + $this->chosen())->assertSessionHasNoErrors();

        return DeviceCheck::query()->latest('id')->firstOrFail();
    }
}
