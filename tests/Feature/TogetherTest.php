<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\KitItem;
use App\Models\Take;
use App\Models\TakeOrder;
use Evrent\Core\Kit\KitItem as Piece;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Run\Take\Ending;
use Evrent\Words\Words;
use Tests\Devices\DeviceProcess;

/**
 * Two shots of one shoot on two rigs, with one start.
 */
final class TogetherTest extends PageTestCase
{
    use DevicesInTheKit;

    private string $card;
    private DeviceProcess $camera;
    private DeviceProcess $rig;

    /** @var array<string, mixed> as the form sends them */
    private array $both;

    protected function setUp(): void
    {
        parent::setUp();
        config(['evrent.world_speed' => 200.0]);
        $this->card = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        $this->camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->card}", '--speed=200']);
        $this->rig = new DeviceProcess(['rig', '--port=0', "--trigger={$this->camera->second}", '--speed=200']);
        $this->addDevices($this->rig->address, "ptp:{$this->camera->address}");
        $rig = KitItem::query()->where('name', 'Simulated rig')->sole()->piece();
        $other = KitItem::query()->create(KitItem::keeping(new Piece(KitKind::Rig, 'Other rig', $rig->values, address: '127.0.0.1:1')));
        $short = ['/timing/photos' => 4, '/timing/head_photos' => 0, '/timing/tail_photos' => 0];
        [$one, $two] = [self::shot($short), self::shot($short)];
        $chosen = $this->chosen();
        $this->both = [
            'first' => ['shot' => (string) $one->id, 'rig' => $chosen['rig'], 'camera' => $chosen['camera'], 'delay' => '0 s'],
            'second' => ['shot' => (string) $two->id, 'rig' => (string) $other->id, 'camera' => 'none', 'delay' => '5 s'], 'reason' => 'a test', 'speed' => '200',
        ];
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->card));
        parent::tearDown();
    }

    public function testBothAreStartedAndAFailureOfOneLeavesTheOther(): void
    {
        $page = '/shoots/' . self::shoot()->id . '/together';
        $this->get($page)->assertOk()->assertSee('Start both')->assertSee(Words::of('shoots.together_now.none'));
        $this->post($page, $this->both)->assertSessionHasNoErrors()->assertRedirect($page);
        [$first, $second] = Take::query()->with('shot')->orderBy('id')->get()->all();
        self::assertSame([0.0, 5.0], [$first->made()->startAt, $second->made()->startAt]);
        $this->get($page)->assertSee('Stop all')->assertSee(Words::of('shoots.together_now.preparing'));
        $this->get("{$page}/now")->assertOk()->assertSee($first->at('takes.show'), false)->assertSee($second->at('takes.show'), false)->assertDontSee('<html', false);

        // The second rig does not answer: its take is aborted, and the first is shot to its end.
        $this->post($second->at('takes.order'), ['order' => 'abort'], ['HX-Request' => 'true'])->assertNoContent();
        $this->carryOut();
        self::assertSame([Ending::Complete, Ending::Aborted], [$first->refresh()->ending, $second->refresh()->ending]);
        self::assertCount(4, (array) glob("{$this->card}/DCIM/*/*.JPG"));
    }

    public function testOnOneRigOrOneCameraOrWithoutAReasonNoneIsStarted(): void
    {
        $page = '/shoots/' . self::shoot()->id . '/together';
        $wrong = fn (string $row, string $field, string $value): array => array_replace_recursive($this->both, [$row => [$field => $value]]);
        $first = $this->both['first'];
        self::assertIsArray($first);
        $this->post($page, $wrong('second', 'shot', self::text($first['shot'])))->assertSessionHasErrors('together.second.shot');
        $this->post($page, $wrong('second', 'rig', self::text($first['rig'])))->assertSessionHasErrors('together.second.rig');
        $this->post($page, $wrong('second', 'camera', self::text($first['camera'])))->assertSessionHasErrors('together.second.camera');
        $this->post($page, $wrong('second', 'delay', 'soon'))->assertSessionHasErrors('together.second.delay');
        $this->post($page, $wrong('first', 'shot', '999999'))->assertSessionHasErrors('together.first.shot');
        $this->post($page, $wrong('first', 'rig', '999999'))->assertSessionHasErrors('together.first.rig');
        // The second cannot fire: the first is not started either.
        $this->post($page, $wrong('second', 'rig', 'none'))->assertSessionHasErrors('together.second.rig');
        self::assertSame(0, Take::query()->count());
        $this->get($page)->assertSee('value="5 s"', false);
    }

    public function testStopStopsAll(): void
    {
        $page = '/shoots/' . self::shoot()->id . '/together';
        $this->post($page, $this->both)->assertSessionHasNoErrors();
        $this->post("{$page}/stop")->assertRedirect($page);
        self::assertSame(['abort', 'abort'], TakeOrder::query()->pluck('said')->all());
    }

    private static function text(mixed $of): string
    {
        self::assertIsString($of);

        return $of;
    }
}
