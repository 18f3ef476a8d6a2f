<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Body\BodySetting;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceGone;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\GcodeRig;
use Evrent\Devices\Links\OwnTimerCamera;
use Evrent\Devices\Links\PtpCamera;
use Evrent\Devices\Links\RigLink;
use Evrent\Devices\Protocol\Gcode\Dialect;
use Evrent\Devices\Protocol\Ptp\Packet;
use Evrent\Devices\Running\Picture;
use Evrent\Devices\Simulators\SimulatedKit;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\Plans;

/**
 * Simulated rig and camera as processes, with clients that are not ours: gphoto2 for the camera, plain lines for the rig.
 */
final class DevicesOnTheLineTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    #[Group('turn-1')]
    public function testGphotoReadsCapturesListsAndDownloads(): void
    {
        $camera = $this->camera(100);
        self::assertStringContainsString('Free Space (Images): 2000', $this->gphoto($camera, '--summary'));
        self::assertStringContainsString('EVR_0001.JPG', $this->gphoto($camera, '--capture-image'));
        self::assertMatchesRegularExpression('/#1\s+EVR_0001.JPG\s+rd/', $this->gphoto($camera, '--list-files'));
        $this->gphoto($camera, '--get-all-files --filename ' . escapeshellarg("{$this->folder}/got.jpg"));
        self::assertFileEquals("{$this->folder}/DCIM/100EVRNT/EVR_0001.JPG", "{$this->folder}/got.jpg");
        $this->gphoto($camera, '--set-config iso=800 --set-config f-number=f/4 --set-config shutterspeed=1.0000s');
        self::assertStringContainsString('Current: 800', $this->gphoto($camera, '--get-config iso'));
        $this->gphoto($camera, '--capture-image');
        self::assertSame("1\n4.0\n800\n", shell_exec('exiftool -s3 -ExposureTime -FNumber -ISO ' . escapeshellarg("{$this->folder}/DCIM/100EVRNT/EVR_0002.JPG")));
        $this->gphoto($camera, '--get-thumbnail 2 --force-overwrite --filename ' . escapeshellarg("{$this->folder}/small.jpg"));
        self::assertSame(160, getimagesize("{$this->folder}/thumb_small.jpg")[0] ?? 0);
        self::assertMatchesRegularExpression('/Current: \d+%/', $this->gphoto($camera, '--get-config batterylevel'));
        self::assertStringContainsString('focusmode', $this->gphoto($camera, '--list-config'));
    }

    /** Both links see the same picture of the same file. */
    /** Another program at that port is no rig, and says so itself; one that says nothing at all may be there in a moment. */
    #[Group('turn-0')]
    public function testWhatIsNoDeviceIsToldByItsOwnWords(): void
    {
        $router = "{$this->folder}/no-rig.php";
        file_put_contents($router, '<?php $line = stream_socket_server("tcp://127.0.0.1:0"); echo stream_socket_get_name($line, false), "\n";'
            . ' while (true) { $host = stream_socket_accept($line, 60); if ($argv[1] !== "") { fwrite($host, "{$argv[1]}\n"); } $asked = fread($host, 999);'
            . ' if ($argv[2] !== "") { fwrite($host, "{$argv[2]}\n"); } while (!feof($host) && $argv[3] === "stays" && fread($host, 999) !== "") { fwrite($host, "{$argv[2]}\n"); } fclose($host); }');
        $cases = [
            'SSH-2.0-Salt' => ['SSH-2.0-Salt', 'Invalid identification: no.', 'goes'], 'HTTP/1.1 400 Bad Request' => ['', 'HTTP/1.1 400 Bad Request', 'goes'],
            'error:20' => ['A board, G-code', 'error:20', 'stays'],
        ];
        foreach ($cases as $words => $arguments) {
            $process = new Process([PHP_BINARY, $router, ...$arguments]);
            $process->start();
            $process->waitUntil(static fn (string $type, string $said): bool => str_contains($said, "\n"));
            $address = trim($process->getOutput());
            try {
                (new GcodeRig(SimulatedKit::rig(), $address, Dialect::usual()))->connect();
                self::fail("{$words} was a rig");
            } catch (DeviceRefused $refused) {
                self::assertStringContainsString($words === 'SSH-2.0-Salt' ? 'Invalid identification' : $words, $refused->getMessage());
            }
            if ($words !== 'error:20') {
                try {
                    (new PtpCamera($address))->connect();
                    self::fail("{$words} was a camera");
                } catch (DeviceRefused $refused) {
                    self::assertSame("devices.camera.no_ptp(address: {$address})", $refused->getMessage());
                }
            }
            $process->stop(0.0);
        }
        $this->expectException(DeviceGone::class);
        (new GcodeRig(SimulatedKit::rig(), '127.0.0.1:1', Dialect::usual()))->connect();
    }

    public function testCameraAndRigHaveOneHostAtATime(): void
    {
        $device = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}"]);
        $rig = new DeviceProcess(['rig', '--port=0']);
        foreach (['camera' => fn (): CameraLink => new PtpCamera($device->address), 'rig' => fn (): RigLink => new GcodeRig(SimulatedKit::rig(), $rig->address, Dialect::usual())] as $what => $link) {
            $first = $link();
            $first->connect();
            $second = $link();
            try {
                $second->connect();
                self::fail("two hosts had the {$what}");
            } catch (DeviceGone $gone) {
                self::assertSame("devices.{$what}.other_host", $gone->getMessage());
            }
            $first->disconnect();
            for ($until = microtime(true) + 5.0; true;) {
                try {
                    $second->connect();
                    break;
                } catch (DeviceGone $gone) {
                    self::assertLessThan($until, microtime(true), $gone->getMessage());
                }
            }
            $second->disconnect();
        }
    }

    public function testSmallPicturesComeThroughEitherLink(): void
    {
        $camera = $this->camera(100);
        $this->gphoto($camera, '--capture-image');
        foreach (["ptp:{$camera->address}", "ptpip:{$camera->address}:{$camera->port()}"] as $address) {
            $link = CameraLinks::at($address);
            $link->connect();
            $jpeg = (string) $link->thumbnail($link->files()[0]);
            $link->disconnect();
            self::assertSame(160, getimagesizefromstring($jpeg)[0] ?? 0, $address);
            self::assertEqualsWithDelta(0.2, Picture::luma($jpeg), 0.15);
        }
    }

    public function testTheCamerasOwnTimerIsStartedAndStopped(): void
    {
        $camera = $this->camera(100);
        $link = CameraLinks::at("own:ptp:{$camera->address}");
        self::assertInstanceOf(OwnTimerCamera::class, $link);
        $link->connect();
        self::assertTrue($link->startTimer(20.0, 3));
        $files = [];
        while (count($files) < 3) {
            $files = [...$files, ...$link->newFiles()];
        }
        $link->stopTimer();
        self::assertSame(['EVR_0001.JPG', 'EVR_0002.JPG', 'EVR_0003.JPG'], array_map(basename(...), $files));
        self::assertFalse((new OwnTimerCamera(CameraLinks::at('deaf')))->startTimer(20.0, 3));
    }

    /** A board on a serial port: the same words, over a line that this machine makes. */
    public function testARigIsDrivenOverASerialLine(): void
    {
        $rig = new DeviceProcess(['rig', '--port=0', '--speed=100']);
        $line = proc_open([PHP_BINARY, __DIR__ . '/serial-line.php', $rig->address], [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        self::assertNotFalse($line);
        $link = new GcodeRig(Plans::with([])->rig, trim((string) fgets($pipes[1])) . '@9600', Dialect::usual());
        $link->connect();
        self::assertFalse($link->status()->knowsItsPlace());
        $link->home(static fn () => null);
        $link->moveTo(['slide' => 100.0], static fn () => null);
        self::assertEqualsWithDelta(100.0, $link->status()->positions['slide'], 0.01);
        $link->disconnect();
        proc_terminate($line, SIGKILL);
        $this->expectException(DeviceGone::class);
        (new GcodeRig(Plans::with([])->rig, '/dev/evrent-none', Dialect::usual()))->connect();
    }

    public function testTheRigsTriggerLineFiresTheCameraWhereTheRigStands(): void
    {
        $camera = $this->camera(1000);
        $rig = new DeviceProcess(['rig', '--port=0', "--trigger={$camera->second}", '--speed=1000']);
        $line = stream_socket_client("tcp://{$rig->address}");
        self::assertNotFalse($line);
        stream_set_timeout($line, 10);
        $ask = static function (string $text) use ($line): string {
            fwrite($line, "{$text}\n");

            return trim((string) fgets($line));
        };
        self::assertSame('Evrent rig, G-code', trim((string) fgets($line)));
        self::assertSame('error:6', $ask('G0 X100'));
        self::assertSame('ok', $ask('$H'));
        self::assertSame(['ok', 'ok'], [$ask('G0 X300 C20'), $ask('M400')]);
        // The camera is found again when it was away: the line may not be there yet.
        for ($tries = 0; $tries < 50 && glob("{$this->folder}/DCIM/*/*.JPG") === []; $tries++) {
            self::assertSame(['ok', 'ok'], [$ask('M240'), $ask('G4 P20')]);
        }
        self::assertNotSame([], glob("{$this->folder}/DCIM/*/*.JPG"));
        $second = stream_socket_client("tcp://{$rig->address}");
        self::assertNotFalse($second);
        self::assertSame("busy: another host has this rig\n", fgets($second));
    }

    /** Still at the photo before, for 0.06 s of lag and half a second: asked again, it takes the next. One that stays busy refuses. */
    #[Group('turn-3')]
    public function testACameraThatIsBusyIsAskedAgain(): void
    {
        $process = $this->camera(1);
        $camera = new PtpCamera($process->address);
        $camera->connect();
        $half = $camera->choices(BodySetting::ShutterTime)?->nearest(0.5);
        self::assertNotNull($half);
        $camera->set(BodySetting::ShutterTime, $half);
        self::assertLessThan(0.1, $camera->fire());
        // It says for how long: the photo is that much later.
        self::assertEqualsWithDelta(0.5, $camera->fire(), 0.25);
        $until = microtime(true) + 5.0;
        $files = [];
        while (count($files) < 2 && microtime(true) < $until) {
            $files = [...$files, ...$camera->newFiles()];
        }
        self::assertCount(2, $files);
        $longest = $camera->choices(BodySetting::ShutterTime)?->nearest(30.0);
        self::assertNotNull($longest);
        $camera->set(BodySetting::ShutterTime, $longest);
        $camera->fire();
        $this->expectException(DeviceRefused::class);
        $this->expectExceptionMessage('DeviceBusy');
        $camera->fire();
    }

    public function testWhoSpeaksSomethingElseIsNotSpokenTo(): void
    {
        $camera = $this->camera(1);
        foreach (["GET / HTTP/1.0\r\n\r\n", pack('VV', 8, 99), pack('VV', 0xffffffff, 6), (new Packet(Packet::OPERATION_REQUEST, 'x'))->bytes()] as $bytes) {
            $line = stream_socket_client("tcp://{$camera->address}");
            self::assertNotFalse($line);
            stream_set_timeout($line, 5);
            fwrite($line, $bytes);
            self::assertSame('', stream_get_contents($line));
        }
        self::assertStringContainsString('Evrent', $this->gphoto($camera, '--summary'), 'it goes on for the others');
    }

    /** Another program's port makes way to the next, which is said, and written where others look for it. */
    #[Group('turn-2')]
    public function testAPortThatIsTakenMakesWayToTheNext(): void
    {
        $rig = new DeviceProcess(['rig', '--port=0']);
        $another = new DeviceProcess(['rig', "--port={$rig->port()}", "--address-file={$this->folder}/rig.at"]);
        self::assertGreaterThan($rig->port(), $another->port());
        self::assertSame("{$another->address}\n", file_get_contents("{$this->folder}/rig.at"));
        $camera = $this->camera(1);
        $trigger = (int) substr($camera->second, strlen('127.0.0.1:'));
        $next = new DeviceProcess(['camera', "--port={$camera->port()}", "--trigger-port={$trigger}", "--card={$this->folder}/2", "--address-file={$this->folder}/camera.at"]);
        self::assertNotContains($next->second, [$camera->address, $camera->second]);
        // A rig that is to fire it finds it where it is.
        $fires = new DeviceProcess(['rig', '--port=0', "--trigger-file={$this->folder}/camera.at", '--speed=100']);
        $link = new GcodeRig(SimulatedKit::rig(), $fires->address, Dialect::usual());
        $photos = new PtpCamera($next->address);
        $link->connect();
        $photos->connect();
        $until = microtime(true) + 10.0;
        while ($photos->newFiles() === [] && microtime(true) < $until) {
            $link->trigger(null, static fn () => null);
        }
        self::assertLessThan($until, microtime(true));
        exec(sprintf('%s %s/bin/evrent rig --address-file=/proc/none 2>&1', PHP_BINARY, dirname(__DIR__, 2)), $said, $code);
        self::assertSame([2, 'evrent: --address-file: /proc/none is not writable.'], [$code, $said[0]]);
        foreach (['--speed=0' => '--speed: enter 1 to 1000.', '--trigger=here' => '--trigger: enter host and port'] as $option => $message) {
            exec(sprintf('%s %s/bin/evrent rig %s 2>&1', PHP_BINARY, dirname(__DIR__, 2), $option), $wrong, $code);
            self::assertSame(2, $code);
            self::assertStringContainsString($message, (string) end($wrong));
        }
    }

    private function camera(int $speed): DeviceProcess
    {
        return new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}", "--speed={$speed}"]);
    }

    private function gphoto(DeviceProcess $camera, string $what): string
    {
        $port = $camera->port();

        return (string) shell_exec("timeout 20 gphoto2 --camera 'PTP/IP Camera' --port ptpip:127.0.0.1:{$port}:{$port} {$what} 2>&1");
    }
}
