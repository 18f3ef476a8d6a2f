<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Run\Body\BodySetting;
use Evrent\Core\Run\Body\Choice;
use Evrent\Devices\Links\CameraLink;
use Evrent\Devices\Links\CameraLinks;
use Evrent\Devices\Links\DeviceRefused;
use Evrent\Devices\Links\SetsBody;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * A simulated body is set over both ways to it: what it then has, and what its photos say.
 */
final class BodyOnTheLineTest extends TestCase
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

    /** @return array<string, array{string}> */
    public static function ways(): array
    {
        return ['PTP' => ['ptp:127.0.0.1:%1$d'], 'gphoto2' => ['ptpip:127.0.0.1:%1$d:%1$d']];
    }

    #[DataProvider('ways')]
    #[Group('turn-3')]
    public function testTheNearestOfItsListIsSetAndReadBack(string $way): void
    {
        $body = new DeviceProcess(['camera', '--port=0', '--trigger-port=0', "--card={$this->folder}", '--speed=100']);
        $camera = CameraLinks::at(sprintf($way, $body->port()));
        self::assertInstanceOf(SetsBody::class, $camera);
        $camera->connect();
        try {
            foreach (self::wanted() as [$setting, $value, $exif]) {
                $choice = $camera->choices($setting)?->nearest($value);
                self::assertNotNull($choice);
                $has = $camera->set($setting, $choice);
                self::assertSame($choice->entry, $has->entry);
                self::assertSame((string) $choice->value, (string) $has->value);
                if ($exif !== null) {
                    self::assertSame($exif, $this->nextPhoto($camera, 'ExposureTime'));
                }
            }
            self::assertSame(['8.0', '640'], [$this->nextPhoto($camera, 'FNumber'), $this->lastPhoto('ISO')]);
            // What is on its card says when it was taken, as the photos themselves do.
            $files = $camera->files();
            $file = $files[count($files) - 1];
            self::assertSame($this->lastPhoto('DateTimeOriginal'), gmdate('Y:m:d H:i:s', (int) $camera->takenAt($file)));
            $this->refuses($camera);
        } finally {
            $camera->disconnect();
        }
    }

    /** @return list<array{BodySetting, float, ?string}> what is wanted, and what the photo then says in words; null for none */
    private static function wanted(): array
    {
        return [
            [BodySetting::ShutterTime, 0.33, '0.3'], [BodySetting::ShutterTime, 1 / 8000, '1/8000'], [BodySetting::ShutterTime, INF, null],
            [BodySetting::ShutterTime, 1.27, '1.3'], [BodySetting::Aperture, 8.1, null], [BodySetting::Iso, 700.0, null],
        ];
    }

    private function refuses(SetsBody $camera): void
    {
        try {
            $camera->set(BodySetting::Iso, Choice::of(BodySetting::Iso, '123'));
            self::fail('It took an ISO that it does not list.');
        } catch (DeviceRefused $refused) {
            self::assertSame('devices.camera.not_listed(entry: 123)', $refused->getMessage());
        }
        self::assertSame('640', $camera->isSetTo(BodySetting::Iso)?->entry);
        // It lists kinds of light and no kelvin: the nearest kind in mireds.
        $white = $camera->choices(BodySetting::WhiteBalance)?->nearest(3_200.0);
        self::assertNotNull($white);
        self::assertMatchesRegularExpression('/tungsten/i', $camera->set(BodySetting::WhiteBalance, $white)->entry);
    }

    private function nextPhoto(CameraLink $camera, string $tag): string
    {
        $before = count($camera->files());
        $camera->fire();
        for ($looked = 0; $looked < 500 && count($camera->files()) === $before; $looked++) {
            usleep(10_000);
        }

        return $this->lastPhoto($tag);
    }

    private function lastPhoto(string $tag): string
    {
        $photos = glob("{$this->folder}/DCIM/*/*.JPG");
        assert($photos !== false && $photos !== []);

        return trim((string) shell_exec("exiftool -s3 -{$tag} " . escapeshellarg($photos[count($photos) - 1])));
    }
}
