<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\SkyFrame;
use Evrent\Core\Sky\Horizontal;
use PHPUnit\Framework\TestCase;

final class SkyFrameTest extends TestCase
{
    /** 36 by 24 mm at 24 mm: 36.87° and 26.57° from the middle to the edges. */
    private static function frame(): SkyFrame
    {
        return new SkyFrame(Optics::usual()->withFocal(24.0));
    }

    /**
     * @return array{yaw: float, pitch: float, roll: float}
     */
    private static function pose(float $yaw = 0.0, float $pitch = 0.0, float $roll = 0.0): array
    {
        return ['yaw' => $yaw, 'pitch' => $pitch, 'roll' => $roll];
    }

    public function testWhatIsAimedAtIsInTheMiddleWhereverItStands(): void
    {
        foreach ([[0.0, 0.0], [123.0, 35.0], [359.5, -10.0], [200.0, 80.0]] as [$azimuth, $altitude]) {
            foreach ([0.0, 5.0, -20.0] as $roll) {
                $at = self::frame()->place(new Horizontal($azimuth, $altitude), self::pose($azimuth - 90.0, $altitude, $roll), 90.0);
                self::assertEqualsWithDelta([0.0, 0.0], $at, 1e-9);
            }
        }
    }

    public function testTheEdgesAreWhereTheLensPutsThem(): void
    {
        $frame = self::frame();
        $across = rad2deg(atan(18 / 24));
        $up = rad2deg(atan(12 / 24));
        self::assertEqualsWithDelta([1.0, 0.0], $frame->place(new Horizontal(180.0 + $across, 0.0), self::pose(), 180.0), 1e-9);
        self::assertEqualsWithDelta([0.0, 1.0], $frame->place(new Horizontal(180.0, $up), self::pose(), 180.0), 1e-9);
        self::assertEqualsWithDelta([0.0, -1.0], $frame->place(new Horizontal(180.0, 0.0), self::pose(pitch: $up), 180.0), 1e-9);
        self::assertNull($frame->place(new Horizontal(0.0, 0.0), self::pose(), 180.0), 'behind the camera');
        // A camera leaning to the right sees what is to the right of it higher up.
        $leaning = $frame->place(new Horizontal(200.0, 0.0), self::pose(roll: 10.0), 180.0);
        self::assertNotNull($leaning);
        self::assertNotEquals(0.0, round($leaning[1], 6));
    }

    public function testADiskIsInBeforeItsMiddleIs(): void
    {
        $frame = self::frame();
        $across = rad2deg(atan(18 / 24));
        foreach ([[-0.1, true], [0.1, true], [0.25, true], [0.6, false]] as [$beyond, $in]) {
            self::assertSame($in, $frame->holds(new Horizontal(180.0 + $across + $beyond, 0.0), self::pose(), 180.0), "{$beyond}° beyond the edge");
        }
    }

    public function testDirectionsAcrossThePhotoLieInIt(): void
    {
        $frame = self::frame();
        foreach ([self::pose(), self::pose(30.0, 40.0, 15.0), self::pose(-60.0, -35.0, -8.0)] as $pose) {
            $n = 0;
            foreach ($frame->directions($pose, 100.0) as $direction) {
                $at = $frame->place($direction, $pose, 100.0);
                self::assertNotNull($at);
                self::assertEqualsWithDelta([2.0 * intdiv($n, 5) / 4 - 1.0, 2.0 * ($n % 5) / 4 - 1.0], $at, 1e-9);
                $n++;
            }
            self::assertSame(25, $n);
        }
    }

    /** The page draws by the same projection: what it is held to is held to this. */
    public function testTheCasesThatThePageIsHeldToAreTheCores(): void
    {
        $json = (string) file_get_contents(dirname(__DIR__, 2) . '/fixtures/projection.json');
        /** @var list<array{focal_mm: float, pose: array{yaw: float, pitch: float, roll: float}, yaw: float, pitch: float, place: ?array{float, float}}> $cases */
        $cases = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        foreach ($cases as $case) {
            $frame = new SkyFrame(new Optics(36, 24, 6000, 4000, $case['focal_mm'], 1920, 1080, 2, 20, 200, 0));
            $place = $frame->place(new Horizontal($case['yaw'], $case['pitch']), $case['pose'], 0.0);
            self::assertSame($case['place'] === null, $place === null);
            self::assertEqualsWithDelta($case['place'], $place, 1e-9);
        }
    }
}
