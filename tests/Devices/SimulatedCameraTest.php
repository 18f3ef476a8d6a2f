<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Core\Plan\Plan;
use Evrent\Core\Run\Fault;
use Evrent\Core\Run\FaultKind;
use Evrent\Devices\Faults;
use Evrent\Devices\Protocol\Ptp\EventCode;
use Evrent\Devices\Protocol\Ptp\ExposureUnits;
use Evrent\Devices\Protocol\Ptp\Property;
use Evrent\Devices\Simulators\Camera\Card;
use Evrent\Devices\Simulators\Camera\SimulatedCamera;
use Evrent\Devices\Simulators\Camera\TriggerLine;
use Evrent\Devices\Simulators\Clock;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * The simulated camera in virtual time: what is done to it at a time, and what is on its card then.
 */
final class SimulatedCameraTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir() . '/evrent-card-' . bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        exec('rm -rf ' . escapeshellarg($this->folder));
    }

    /** Lag 0.06 s, open for 0.5 s, 0.4 s to the card: the file is there after 0.96 s, and not before. */
    public function testATriggerBecomesAFileWhenItsTimeHasCome(): void
    {
        $camera = $this->camera();
        (new TriggerLine($camera))->obey('1', 10.0);
        (new TriggerLine($camera))->obey('0', 10.1);
        $camera->goOnTo(10.95);
        self::assertSame([], $camera->card->handles());
        $camera->goOnTo(10.97);
        self::assertSame([[EventCode::ObjectAdded, 1000001], [EventCode::CaptureComplete, 0]], $camera->takeEvents());
        $photo = $this->read($camera, 1000001);
        self::assertSame(['EVR_0001.JPG', '0.5', '8', '100', '320x213'], [
            $camera->card->name(1000001), $photo['ExposureTime'], $photo['FNumber'], $photo['ISO'], $photo['ImageSize'],
        ]);
    }

    /** Two triggers ten seconds apart that a busy machine delivers at once are two photos, each at its time. */
    public function testATriggerCountsFromWhenItWasSentByTheMachinesClock(): void
    {
        $clock = new Clock(1_000.0);
        while ($clock->now() < 30.0) {
            // 30 ms.
        }
        $camera = $this->camera();
        $line = new TriggerLine($camera, $clock);
        foreach ([5.0, 15.0] as $at) {
            $sent = sprintf(' N%.6F', $clock->machineSecondsAt($at));
            $line->obey("1 X0 C0 A0 T900.0{$sent}", $clock->now());
            $line->obey("0 X0 C0 A0 T900.1{$sent}", $clock->now());
        }
        $camera->goOnTo(30.0);
        self::assertCount(2, $camera->card->handles());
    }

    /** In bulb the line says how long; the rig's own word for it is exact where the line is not. */
    public function testInBulbTheShutterIsOpenAsLongAsTheLineIsClosed(): void
    {
        $camera = $this->camera();
        $camera->settings->set(Property::ExposureTime, ExposureUnits::BULB);
        (new TriggerLine($camera))->obey('1 X0 C0 A0', 10.0);
        (new TriggerLine($camera))->obey('0 X0 C0 A0 P2.0000', 12.3);
        $camera->goOnTo(20.0);
        self::assertSame('2', $this->read($camera, 1000001)['ExposureTime']);
    }

    public function testATriggerWhileTheShutterIsOpenIsNotHeard(): void
    {
        $camera = $this->camera();
        $camera->press(10.0);
        $camera->press(10.3);
        $camera->press(10.6);
        $camera->goOnTo(20.0);
        self::assertCount(2, $camera->card->handles());
    }

    /** A buffer of three: the fourth is not heard until the first is on the card, which takes 2 s here. */
    public function testAFullBufferHearsNothing(): void
    {
        $plan = Plans::with(['/camera/shutter_lag_s' => 0, '/camera/write_s' => 2, '/camera/buffer_frames' => 3, '/timing/exposure_s' => 0.5]);
        $camera = $this->camera(plan: $plan);
        foreach ([0.0, 0.6, 1.2, 1.8, 2.6] as $at) {
            $camera->press($at);
            $camera->release($at + 0.05);
        }
        $camera->goOnTo(60.0);
        self::assertCount(4, $camera->card->handles());
    }

    public function testItSeesFromWhereTheRigStands(): void
    {
        $camera = $this->camera();
        foreach ([['1 X0 C0 A0', 10.0], ['1 X0 C30 A0', 20.0], ['1 X0 C0 A0', 30.0]] as [$line, $at]) {
            (new TriggerLine($camera))->obey($line, $at);
        }
        $camera->goOnTo(40.0);
        [$first, $turned, $again] = array_map(fn (int $handle): array => $this->columns($camera, $handle), $camera->card->handles());
        self::assertSame($first, $again);
        self::assertNotSame($first, $turned);
    }

    public function testWhatMovesWhileItIsOpenIsSmeared(): void
    {
        $camera = $this->camera();
        (new TriggerLine($camera))->obey('1 X0 C0 A0', 10.0);
        $camera->goOnTo(15.0);
        (new TriggerLine($camera))->obey('m 1.0000 X0 C10 A0', 19.9);
        (new TriggerLine($camera))->obey('1 X0 C1 A0', 20.0);
        $camera->goOnTo(30.0);
        [$still, $moving] = array_map(fn (int $handle): array => $this->columns($camera, $handle), $camera->card->handles());
        self::assertGreaterThan(self::edges($moving), self::edges($still));
    }

    /** Twice as long open is a stop brighter: 2^(1/2.2) times the value of each grey. */
    public function testLongerOpenIsBrighter(): void
    {
        $plan = Plans::with(['/timing/exposure_s' => 0.5, '/camera/exposure_timed_by' => 'camera']);
        $camera = $this->camera(plan: $plan);
        $camera->capture(10.0);
        $camera->goOnTo(20.0);
        $camera->settings->set(Property::ExposureTime, 10_000);
        $camera->capture(20.0);
        $camera->goOnTo(40.0);
        [$half, $one] = array_map(fn (int $handle): int => $this->columns($camera, $handle)[200], $camera->card->handles());
        self::assertEqualsWithDelta(2.0 ** (1 / 2.2), $one / $half, 0.02);
    }

    public function testWhatGoesWrongGoesWrong(): void
    {
        $camera = $this->camera([
            new Fault(FaultKind::CableOut, 2, photos: 2),
            new Fault(FaultKind::PassingLamp, 5, photos: 1, percent: 100.0),
            new Fault(FaultKind::Unreadable, 6),
            new Fault(FaultKind::ClockOffset, 1, seconds: 3_600.0),
            new Fault(FaultKind::CardFull, 7),
        ]);
        for ($n = 0; $n < 10; $n++) {
            $camera->press(10.0 * $n);
        }
        $camera->goOnTo(200.0);
        self::assertSame([1000001, 1000002, 1000003, 1000004, 1000005], $camera->card->handles());
        self::assertGreaterThan($this->columns($camera, 1000002)[200] * 1.3, $this->columns($camera, 1000003)[200]);
        self::assertFalse(@imagecreatefromstring($camera->card->bytes(1000004)));
        self::assertSame('1970:01:01 01:00:00', $this->read($camera, 1000001)['DateTimeOriginal']);
        self::assertSame(0, $camera->photosLeft());
        self::assertContains([EventCode::StoreFull, 0], $camera->takeEvents());
    }

    /** A timer that runs slow by a thousandth: the fourth photo of one each 10 s comes 30 ms late. */
    public function testItsOwnTimerRunsByItsOwnClock(): void
    {
        $camera = $this->ownTimerCamera();
        self::assertTrue($camera->startTimer(100.0));
        self::assertFalse($camera->startTimer(105.0));
        $camera->goOnTo(190.0);
        $handles = $camera->card->handles();
        self::assertCount(4, $handles);
        $opened = fn (int $handle): float => (float) strtotime($this->read($camera, $handle)['DateTimeOriginal'])
            + (float) ('0.' . $this->read($camera, $handle)['SubSecTimeOriginal']);
        self::assertEqualsWithDelta(30.03, $opened($handles[3]) - $opened($handles[0]), 0.002);
        self::assertFalse($camera->stopTimer());
    }

    public function testItsOwnTimerStopsWhereItIsToldTo(): void
    {
        $camera = $this->ownTimerCamera([new Fault(FaultKind::TimerStops, 2)]);
        $camera->startTimer(0.0);
        $camera->goOnTo(100.0);
        self::assertCount(2, $camera->card->handles());
        $other = $this->ownTimerCamera();
        $other->startTimer(0.0);
        $other->goOnTo(15.0);
        self::assertTrue($other->stopTimer());
        $other->goOnTo(100.0);
        self::assertCount(4, $other->card->handles());
    }

    /** Noise goes with the root of the ISO, and leaves the picture as bright as it was. */
    public function testHighIsoIsGrainy(): void
    {
        $camera = $this->camera();
        $camera->press(0.0);
        $camera->goOnTo(5.0);
        $camera->settings->set(Property::ExposureIndex, 6_400);
        $camera->press(10.0);
        $camera->goOnTo(20.0);
        [$clean, $grainy] = array_map(fn (int $handle): array => array_slice($this->columns($camera, $handle), 100, 60), $camera->card->handles());
        self::assertGreaterThan(1.5 * self::roughness($clean) + 20.0, self::roughness($grainy));
        self::assertEqualsWithDelta(array_sum($clean) / 60, array_sum($grainy) / 60, 12.0);
    }

    public function testAsleepItWakesAtATriggerAndTakesNothing(): void
    {
        $camera = $this->camera();
        $camera->settings->set(Property::SleepAfter, 30);
        foreach ([0.0, 20.0, 60.0, 65.0] as $at) {
            $camera->press($at);
        }
        $camera->goOnTo(80.0);
        self::assertCount(3, $camera->card->handles());
    }

    /** The second card takes over where the first is full, and the counter goes on; with copies, both have each photo under its own name. */
    public function testASecondCardTakesOverOrHasACopy(): void
    {
        $taken = function (string $slots): array {
            $plan = Plans::with(['/storage' => ['raw_mb' => 500, 'cards_gb' => [1, 1.5], 'slots' => $slots]]);
            $folders = ["{$this->folder}/{$slots}-1", "{$this->folder}/{$slots}-2"];
            $camera = new SimulatedCamera(new Card($folders[0]), $plan, new Faults(), 320, secondCard: new Card($folders[1]));
            for ($at = 0.0; $at < 100.0; $at += 10.0) {
                $camera->press($at);
                $camera->release($at + 1.0);
                $camera->goOnTo($at + 9.0);
            }

            return array_map(static function (string $folder): string {
                $paths = glob("{$folder}/DCIM/*/*.JPG");

                return implode(' ', array_map(static fn (string $path): string => basename($path), $paths === false ? [] : $paths));
            }, $folders);
        };
        self::assertSame(['EVR_0001.JPG EVR_0002.JPG', 'EVR_0003.JPG EVR_0004.JPG EVR_0005.JPG'], $taken('overflow'));
        self::assertSame(['EVR_0001.JPG EVR_0002.JPG', 'EVR_0001.JPG EVR_0002.JPG'], $taken('copy'));
    }

    public function testAnEmptyBatteryEndsIt(): void
    {
        $camera = $this->camera([new Fault(FaultKind::CameraBattery, 1)]);
        $camera->press(1.0);
        $camera->goOnTo(5.0);
        $camera->press(6.0);
        $camera->goOnTo(20.0);
        self::assertTrue($camera->isDead());
        self::assertCount(1, $camera->card->handles());
    }

    /** After 9999 comes 0001 of the next folder; what is on the card is there when it is switched on again. */
    public function testTheCounterGoesOnWhereItStood(): void
    {
        $card = new Card($this->folder, 9_999);
        self::assertSame([1009999, 1010001], [$card->put('a'), $card->put('b')]);
        $again = new Card($this->folder);
        self::assertSame([1009999, 1010001], $again->handles());
        self::assertSame(['EVR_0001.JPG', 'b'], [$again->name(1010001), $again->bytes(1010001)]);
        self::assertSame(1010002, $again->put('c'));
        self::assertFileExists("{$this->folder}/DCIM/101EVRNT/EVR_0002.JPG");
    }

    /**
     * @param array<int> $row
     */
    private static function roughness(array $row): float
    {
        $sum = 0.0;
        $before = null;
        foreach ($row as $value) {
            $sum += $before === null ? 0 : abs($value - $before);
            $before = $value;
        }

        return $sum;
    }

    /**
     * @param list<Fault> $faults
     */
    private function ownTimerCamera(array $faults = []): SimulatedCamera
    {
        return $this->camera($faults, Plans::with([
            '/timing/photos' => 4, '/timing/head_photos' => 0, '/timing/tail_photos' => 0,
            '/trigger' => ['by' => 'camera_timer', 'camera_interval_s' => 10, 'drift_ppm' => 1_000],
        ]));
    }

    /**
     * @param list<Fault> $faults
     */
    private function camera(array $faults = [], ?Plan $plan = null): SimulatedCamera
    {
        $camera = new SimulatedCamera(new Card($this->folder), $plan, new Faults($faults), 320);
        if ($plan === null) {
            // Half a second, f/8, ISO 100 and daylight.
            foreach ([[Property::ExposureTime, 5_000], [Property::FNumber, 800], [Property::ExposureIndex, 100], [Property::WhiteBalance, 4]] as [$what, $is]) {
                $camera->settings->set($what, $is);
            }
        }

        return $camera;
    }

    /**
     * @return array<string, string> as exiftool reads them
     */
    private function read(SimulatedCamera $camera, int $handle): array
    {
        $path = "{$this->folder}/read.jpg";
        file_put_contents($path, $camera->card->bytes($handle));
        /** @var list<array<string, string|int|float>> $read */
        $read = json_decode((string) shell_exec('exiftool -json ' . escapeshellarg($path)), true, 8, JSON_THROW_ON_ERROR);

        return array_map(strval(...), $read[0]);
    }

    /**
     * @param list<int> $row
     */
    private static function edges(array $row): int
    {
        return count(array_filter(range(60, 318), static fn (int $x): bool => abs($row[$x] - $row[$x - 1]) > 25));
    }

    /**
     * @return list<int> greys along the row where the near things stand
     */
    private function columns(SimulatedCamera $camera, int $handle): array
    {
        $image = imagecreatefromstring($camera->card->bytes($handle));
        self::assertNotFalse($image);

        return array_map(static fn (int $x): int => (int) imagecolorat($image, $x, 150) & 0xff, range(0, 319));
    }
}
