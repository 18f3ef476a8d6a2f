<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Format\PlanReader;
use Evrent\Devices\Daemon\Answer;
use Evrent\Devices\Daemon\Daemons;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Links\GphotoCamera;
use Evrent\Devices\Links\PtpCamera;
use Evrent\Devices\Protocol\Gcode\Dialect;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * A camera in hand: what it sees, and test photos, through its daemon.
 */
final class CameraDaemonTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-live-' . bin2hex(random_bytes(6));
        mkdir("{$this->folder}/bin", 0o755, true);
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    public function testItShowsWhatItSeesAndTakesTestPhotos(): void
    {
        $camera = $this->simulated();
        $daemon = new DaemonProcess();
        $address = "ptp:{$camera->address}";
        $key = (string) Daemons::keyOfCamera($address);
        $opened = $daemon->daemons->open($key, ['kind' => 'camera', 'address' => $address]);
        self::assertSame([null, true], [$opened->problem(), $opened->fields['is_live'] ?? null]);

        // As a page asks. How many come a second is measured by bin/bench.
        [$frames, $last] = [[], 0];
        for ($until = microtime(true) + 20.0; count($frames) < 6 && microtime(true) < $until; usleep(30_000)) {
            $answer = $daemon->ask($key, ['do' => 'frame', 'after' => $last, 'histogram' => true]);
            $last = is_int($answer->fields['frame']) ? $answer->fields['frame'] : 0;
            array_push($frames, ...($answer->picture === '' ? [] : [$answer]));
        }
        self::assertCount(6, $frames);
        self::assertSame(480, getimagesizefromstring($frames[0]->picture)[0] ?? 0);
        self::assertIsArray($frames[0]->fields['bins']);
        self::assertEqualsWithDelta(1.0, array_sum($frames[0]->fields['bins']), 0.01);

        $magnified = ['do' => 'frame', 'magnified' => 4, 'x' => 0.2, 'y' => 0.6];
        // Nobody asking, it stops: a slow machine is asked until it has shown them.
        $daemon->until($key, static fn (Answer $now): bool => $now->fields['frame'] > $last + 3, $magnified);
        $near = $daemon->ask($key, ['after' => 0, ...$magnified])->picture;
        self::assertNotSame('', $near);
        self::assertNotSame($frames[0]->picture, $near);
        $still = $daemon->ask($key, ['do' => 'still'])->picture;
        self::assertSame(480, getimagesizefromstring($still)[0] ?? 0, 'what is kept is never magnified');

        self::assertNull($daemon->ask($key, ['do' => 'fire'])->problem());
        self::assertSame('devices.camera.still_taking', (string) $daemon->ask($key, ['do' => 'fire'])->problem());
        $took = $daemon->until($key, static fn (Answer $now): bool => $now->fields['waits'] === false);
        self::assertSame([1, 'EVR_0001.JPG', ''], [$took->fields['photo'], $took->fields['photo_name'], $took->fields['trouble']]);
        self::assertSame(160, getimagesizefromstring($daemon->ask($key, ['do' => 'photo', 'number' => 1])->picture)[0] ?? 0);
        self::assertSame('', $daemon->ask($key, ['do' => 'photo', 'after' => 1])->picture);
        self::assertTrue($daemon->daemons->release($key));
    }

    #[Group('turn-0')]
    public function testATestMoveTakesAPhotoAtEachFifth(): void
    {
        $camera = $this->simulated();
        $rig = new DeviceProcess(['rig', '--port=0', '--speed=1000', "--trigger={$camera->second}"]);
        $daemon = new DaemonProcess();
        $address = "ptp:{$camera->address}";
        $camerasKey = (string) Daemons::keyOfCamera($address);
        self::assertNull($daemon->daemons->open($camerasKey, ['kind' => 'camera', 'address' => $address])->problem());
        $plan = (string) file_get_contents(dirname(__DIR__, 2) . '/resources/plans/pan.plan.json');
        $link = new GcodeRig(PlanReader::fromJson($plan)->rig, $rig->address, Dialect::usual());
        $link->connect();
        $link->home(static fn () => null);
        $link->disconnect();
        $key = Daemons::keyOfRig($rig->address);
        self::assertNull($daemon->daemons->open($key, ['kind' => 'rig', 'address' => $rig->address, 'plan' => $plan])->problem());
        self::assertNull($daemon->ask($key, ['do' => 'pass', 'who' => 'a', 'seconds' => 5.0, 'legs' => 5, 'camera' => $camerasKey])->problem());
        $tested = $daemon->until($key, static fn (Answer $now): bool => $now->fields['moves'] === false)->fields['tested'];
        self::assertIsArray($tested);
        self::assertSame([1, 2, 3, 4, 5, 6], array_column($tested, 'number'));
        self::assertSame(1, array_column($tested, 'photo')[0]);
        self::assertCount(6, array_flip(array_filter(array_column($tested, 'photo'), is_int(...))));
        // Without a camera that is heard of, the rig triggers.
        self::assertNull($daemon->ask($key, ['do' => 'pass', 'who' => 'a', 'seconds' => 1.0, 'legs' => 1, 'camera' => ''])->problem());
        $tested = $daemon->stands($key)->fields['tested'];
        self::assertIsArray($tested);
        self::assertSame([null, null], array_column($tested, 'number'));
        self::assertGreaterThanOrEqual(6, count((array) glob("{$this->folder}/card/DCIM/*/*.JPG")));
    }

    public function testACameraOnTheTriggerLineOrThatIsNotThereSaysSo(): void
    {
        $daemon = new DaemonProcess();
        self::assertNull(Daemons::keyOfCamera('deaf'));
        $away = $daemon->daemons->open((string) Daemons::keyOfCamera('ptp:127.0.0.1:9'), ['kind' => 'camera', 'address' => 'ptp:127.0.0.1:9']);
        self::assertSame('devices.camera.no_answer(address: 127.0.0.1:9)', (string) $away->problem());
    }

    /** A stand-in for gphoto2 that leaves a preview as gphoto2 does: in a file beside it. */
    public function testOverGphotoTheFramesAreItsPreviews(): void
    {
        $frame = "{$this->folder}/frame.jpg";
        file_put_contents($frame, 'a picture');
        $this->standIn("capture-preview) cp '{$frame}' capture_preview.jpg; printf 'Saving file as capture_preview.jpg\\n' ;;");
        $camera = $this->gphoto();
        self::assertTrue($camera->hasLiveView());
        self::assertSame('a picture', $camera->liveFrame());
        file_put_contents($frame, 'another');
        self::assertSame('another', $camera->liveFrame(), 'and no older one is taken for it');
    }

    public function testOverGphotoACameraWithoutPreviewIsSaidToHaveNone(): void
    {
        $this->standIn("capture-preview) printf '*** Error ***\\nERROR: This camera can not do previews.\\n' >&2; sleep 0.05 ;;");
        $camera = $this->gphoto();
        self::assertFalse($camera->hasLiveView());
        try {
            $camera->liveFrame();
            self::fail('it has none');
        } catch (DeviceRefused $refused) {
            self::assertSame('devices.camera.no_live_view_why(why: ERROR: This camera can not do previews.)', $refused->getMessage());
        }
    }

    public function testAFrameIsNotSentWhileThePhotoIsExposedNorForWhatIsNoPartOfThePicture(): void
    {
        $camera = $this->simulated();
        $link = new PtpCamera($camera->address);
        $link->connect();
        self::assertTrue($link->hasLiveView());
        self::assertNotNull($link->liveFrame());
        $this->expectException(DeviceRefused::class);
        $link->liveFrame(99);
    }

    private function simulated(): DeviceProcess
    {
        return new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card"]);
    }

    /** What it does on each line it is told, as cases of a shell. */
    private function standIn(string $cases): void
    {
        $prompt = "printf 'gphoto2: {/} /> '";
        file_put_contents("{$this->folder}/bin/gphoto2", "#!/bin/sh\n{$prompt}\nwhile read -r line; do case \$line in {$cases} esac; {$prompt}; done\n");
        chmod("{$this->folder}/bin/gphoto2", 0o755);
    }

    private function gphoto(): GphotoCamera
    {
        $path = (string) getenv('PATH');
        putenv("PATH={$this->folder}/bin:{$path}");
        try {
            $camera = new GphotoCamera('usb:');
            $camera->connect();

            return $camera;
        } finally {
            putenv("PATH={$path}");
        }
    }
}
