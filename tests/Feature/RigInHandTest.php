<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\InHand;
use App\Models\Take;
use App\Models\TakeOrder;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Running\DeviceLocks;
use Evrent\Words\Words;
use PHPUnit\Framework\Attributes\Group;
use Tests\Devices\DaemonProcess;
use Tests\Devices\DeviceProcess;

/**
 * The real rig and camera in hand, as pages ask for them.
 */
final class RigInHandTest extends PageTestCase
{
    use DevicesInTheKit;

    private string $card;
    private DeviceProcess $camera;
    private DeviceProcess $rig;
    private DaemonProcess $daemon;

    protected function setUp(): void
    {
        parent::setUp();
        $this->card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $this->camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->card}", '--speed=200']);
        $this->rig = new DeviceProcess(['rig', '--port=0', "--trigger={$this->camera->second}", '--speed=1000']);
        $this->addDevices($this->rig->address, "ptp:{$this->camera->address}");
        $this->daemon = new DaemonProcess();
        $this->app->instance(Daemons::class, $this->daemon->daemons);
        $this->withHeaders(['HX-Request' => 'true', 'Accept' => 'application/json']);
    }

    protected function tearDown(): void
    {
        $this->daemon->kill();
        exec('rm -rf ' . escapeshellarg($this->card));
        parent::tearDown();
    }

    #[Group('turn-3')]
    public function testARigIsDrivenFromItsShot(): void
    {
        $shot = self::shot();
        $rig = (int) $this->chosen()['rig'];
        $ask = fn (string $do, array $more = []) => $this->postJson("{$shot->path()}/rig", ['rig' => (string) $rig, 'do' => $do, 'who' => 'a'] + $more);
        $this->getJson("{$shot->path()}/rig")->assertOk()->assertExactJson(['moves' => false, 'in_hand' => false, 'take' => false, 'check' => false]);
        $ask('home')->assertOk()->assertJsonPath('off', true)->assertJsonPath('problem', Words::of('app.rig.off'));
        $ask('connect')->assertOk()->assertJsonPath('problem', '')->assertJsonPath('knows_place', false)->assertJsonPath('off', false);
        $this->getJson("{$shot->path()}/rig")->assertJsonPath('in_hand', true);
        self::assertStringContainsString('Home it first', self::text($ask('steer', ['n' => 1, 'shares' => ['slide' => 1]])->json('problem')));

        $ask('home')->assertJsonPath('problem', '')->assertJsonPath('moves', true);
        $this->daemon->stands($this->key());
        $ask('drive', ['positions' => ['slide' => '2 cm']])->assertJsonPath('problem', '');
        $this->daemon->stands($this->key());
        $stood = $ask('status')->assertOk();
        self::assertEqualsWithDelta(20.0, $stood->json('positions.slide'), 0.02);
        self::assertEqualsWithDelta(0.02, $stood->json('pose.x'), 0.0001, 'as the finder looks');
        self::assertSame('a', $stood->json('holder'));
        self::assertNotSame('', $ask('drive', ['positions' => ['slide' => 'far']])->assertStatus(422)->json('problem'));
        self::assertStringContainsString('duration of the move', self::text($ask('pass', ['seconds' => 'soon'])->assertStatus(422)->json('problem')));
        self::assertStringContainsString('no longer exists', self::text($ask('drive', ['keyframe' => 40])->assertStatus(422)->json('problem')));

        // Another window looks on, and may stop it.
        $ask('pass', ['seconds' => '', 'loops' => true])->assertJsonPath('problem', '')->assertJsonPath('doing', 'loops');
        self::assertStringContainsString('Another window', self::text($this->postJson("{$shot->path()}/rig", ['rig' => (string) $rig, 'do' => 'home', 'who' => 'b'])->json('problem')));
        $this->getJson("{$shot->path()}/rig")->assertJsonPath('moves', true);
        $other = self::shot();
        $this->postJson("{$other->path()}/stop")->assertJsonPath('stopped', 'Nothing of this shot was moving.');
        $this->postJson("{$shot->path()}/stop")->assertJsonPath('stopped', Words::of('app.stop.rig'));
        $this->daemon->stands($this->key());

        // Where the plan was changed, it drives by the plan as it is now.
        $this->post("{$shot->path()}/edits", ['edit' => 'swap', 'revision' => $shot->current_revision_id])->assertSuccessful();
        $ask('drive', ['photo' => 1])->assertJsonPath('problem', '')->assertJsonPath('plan', "{$shot->id}/" . self::revisionOf($shot));
        $this->postJson("{$shot->path()}/stop")->assertJsonPath('stopped', Words::of('app.stop.rig'));
        $this->daemon->stands($this->key());
        $shot = $shot->refresh();
        $ask('leave');
        $ask('connect')->assertJsonPath('plan', "{$shot->id}/{$shot->current_revision_id}");
        $this->postJson("{$other->path()}/rig", ['rig' => (string) $rig, 'do' => 'connect', 'who' => 'a'])->assertJsonPath('plan', "{$other->id}/{$other->current_revision_id}");
    }

    public function testWhatIsNotThereSaysWhatToDo(): void
    {
        $shot = self::shot();
        self::assertSame(Words::of('app.rig_form.none'), $this->postJson("{$shot->path()}/rig", ['do' => 'connect'])->assertStatus(422)->json('problem'));
        self::assertStringContainsString('no longer in the kit', self::text($this->postJson("{$shot->path()}/rig", ['rig' => '999999', 'do' => 'connect'])->assertStatus(422)->json('problem')));
        $locks = DeviceLocks::take($this->rig->address, '');
        $said = $this->postJson("{$shot->path()}/rig", ['rig' => $this->chosen()['rig'], 'do' => 'connect'])->json('problem');
        self::assertStringContainsString('is in use', self::text($said));
        $locks?->letGo();
        self::assertStringContainsString('Choose one', self::text($this->postJson("{$shot->path()}/camera", ['do' => 'connect'])->assertStatus(422)->json('problem')));
        $this->addDevices($this->rig->address, 'deaf');
        $deaf = $this->postJson("{$shot->path()}/camera", ['camera' => $this->chosen()['camera'], 'do' => 'connect'])->assertOk()->json('problem');
        self::assertStringContainsString('Trigger cable only', self::text($deaf));
    }

    public function testTheCameraIsLookedThrough(): void
    {
        $shot = self::shot();
        $camera = $this->chosen()['camera'];
        $live = "{$shot->path()}/camera/live.jpg?camera={$camera}";
        self::assertSame(['off' => true], json_decode((string) $this->get($live)->assertNoContent()->headers->get('X-Evrent-Live'), true));
        $this->postJson("{$shot->path()}/camera", ['camera' => $camera, 'do' => 'fire'])->assertJsonPath('off', true);
        $this->postJson("{$shot->path()}/camera", ['camera' => $camera, 'do' => 'connect'])->assertJsonPath('problem', '')->assertJsonPath('is_live', true);
        $this->get($live);
        $this->daemon->until((string) Daemons::keyOfCamera("ptp:{$this->camera->address}"), static fn ($now): bool => $now->fields['frame'] > 0);
        $frame = $this->get("{$live}&after=0&histogram=1")->assertOk()->assertHeader('Content-Type', 'image/jpeg')->assertHeader('Cache-Control', 'no-store, private');
        self::assertSame(480, getimagesizefromstring((string) $frame->getContent())[0] ?? 0);
        $told = json_decode((string) $frame->headers->get('X-Evrent-Live'), true);
        self::assertIsArray($told);
        self::assertArrayHasKey('bins', $told);
        $this->get("{$live}&after=1000000")->assertNoContent();
    }

    public function testStopIsOnEveryPageOfAShotThatMovesAndStopsATake(): void
    {
        $this->flushHeaders()->withHeaders(['Sec-Fetch-Site' => 'same-origin']);
        $shot = self::shot();
        foreach (['/frame', '/run', '/history', '/schedule', '/photos', '/clip', '/takes'] as $page) {
            $this->get($shot->path() . $page)->assertOk()->assertSee("{$shot->path()}/stop", false)->assertSee('data-stop', false);
        }
        $this->get('/kit')->assertDontSee('data-stop', false);
        $still = self::shot(['/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]]]);
        $this->get("{$still->path()}/time")->assertOk()->assertDontSee('data-stop ', false);
        $this->post("{$shot->path()}/takes", $this->chosen() + ['reason' => 'a test'])->assertSessionHasNoErrors();
        $take = Take::query()->sole();
        $this->get("{$shot->path()}/rig")->assertJsonPath('take', true);
        $this->from("{$shot->path()}/frame")->post("{$shot->path()}/stop")->assertRedirect("{$shot->path()}/frame")->assertSessionHas('notice', Words::of('app.stop.take'));
        self::assertSame(['abort'], TakeOrder::query()->where('take_id', $take->id)->pluck('said')->all());
    }

    public function testATakeThatIsStartedGetsTheRigThatIsInHand(): void
    {
        $shot = self::shot();
        $this->postJson("{$shot->path()}/rig", ['rig' => $this->chosen()['rig'], 'do' => 'connect', 'who' => 'a'])->assertJsonPath('problem', '');
        self::assertNull(DeviceLocks::take($this->rig->address, ''));
        $locks = app(InHand::class)->locks($this->rig->address, "ptp:{$this->camera->address}");
        self::assertNotNull($locks);
        $this->postJson("{$shot->path()}/rig", ['rig' => $this->chosen()['rig'], 'do' => 'home', 'who' => 'a'])->assertJsonPath('off', true);
        $locks->letGo();
    }

    private static function text(mixed $said): string
    {
        self::assertIsString($said);

        return $said;
    }

    private function key(): string
    {
        return Daemons::keyOfRig($this->rig->address);
    }
}
