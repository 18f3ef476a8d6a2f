<?php

declare(strict_types=1);

namespace Tests\Cli;

use Evrent\Words\Words;
use PHPUnit\Framework\TestCase;
use Tests\Devices\DeviceProcess;

/**
 * `bin/evrent liveview` on a simulated camera of its own.
 */
final class LiveviewCommandTest extends TestCase
{
    use RunsEvrent;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-frames-' . bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    public function testFramesAreFilesAndTheirRateIsTold(): void
    {
        $camera = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}/card"]);
        [$code, $out] = $this->evrent(['liveview', "--camera=ptp:{$camera->address}", '--frames=12', "--to={$this->folder}/frames"]);
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/^12 frames, [\d.]+ per second$/', trim($out));
        $frames = (array) glob("{$this->folder}/frames/frame-*.jpg");
        self::assertCount(12, $frames);
        self::assertSame(480, getimagesize((string) $frames[11])[0] ?? 0);
        self::assertSame([], (array) glob("{$this->folder}/card/DCIM/*/*"), 'nothing is on its card');
    }

    public function testWhatCannotBeSeenSaysWhy(): void
    {
        [$code, , $err] = $this->evrent(['liveview', '--camera=ptp:127.0.0.1:9', "--to={$this->folder}"]);
        self::assertSame(1, $code);
        self::assertStringContainsString(Words::of('devices.camera.no_answer', address: '127.0.0.1:9'), $err);
        foreach ([['--camera=deaf'], ['--camera=usb:', '--frames=0'], ['--camera=usb:', '--magnified=9'], ['--camera=usb:', '--to=/dev/null/x']] as $wrong) {
            self::assertSame(2, $this->evrent(['liveview', "--to={$this->folder}", ...$wrong])[0]);
        }
    }
}
