<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use Evrent\Core\Motion\AxisRole;
use Evrent\Core\Optics\Optics;
use Evrent\Core\Optics\Picture;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;

final class PictureTest extends TestCase
{
    private static function optics(float $focal = 24.0, int $outputWidth = 1920, int $outputHeight = 1080): Optics
    {
        return new Optics(36, 24, 6000, 4000, $focal, $outputWidth, $outputHeight, 2, 20, 400, 0.5);
    }

    public function testFocalLengthInPixelsAndTheCrop(): void
    {
        // 24 mm on 36 mm and 6000 px: 4000 px. 16:9 out of 3:2 keeps the width and cuts the height.
        self::assertEqualsWithDelta(4000.0, self::optics()->focalPixels(), 1e-9);
        self::assertEqualsWithDelta(6000.0, self::optics()->croppedWidthPixels(), 1e-9);
        self::assertEqualsWithDelta(0.32, self::optics()->outputScale(), 1e-12);
        self::assertEqualsWithDelta(1 - 1.5 / (16 / 9), self::optics()->croppedAway(), 1e-12);
        // An upright output keeps the height.
        self::assertEqualsWithDelta(2250.0, self::optics(24, 1080, 1920)->croppedWidthPixels(), 1e-9);
        self::assertSame(0.0, self::optics(24, 1500, 1000)->croppedAway());
    }

    public function testEachAxisShiftsThePictureAsWorkedByHand(): void
    {
        $picture = new Picture(self::optics());
        // 1280 output pixels a radian.
        self::assertEqualsWithDelta(1280 * M_PI / 180, $picture->shift(AxisRole::Pan, 1, 0, 20), 1e-9);
        self::assertEqualsWithDelta(1280 * M_PI / 360, $picture->shift(AxisRole::Pan, 1, 60, 20), 1e-9);
        self::assertEqualsWithDelta(-1280 * M_PI / 90, $picture->shift(AxisRole::Tilt, -2, 60, 20), 1e-9);
        self::assertEqualsWithDelta(6.4, $picture->shift(AxisRole::Slide, 10, 0, 2), 1e-9);
        self::assertSame(0.0, $picture->shift(AxisRole::Other, 10, 0, 2));
        // 800 mm: 512 px near, 2.56 px far.
        self::assertEqualsWithDelta(512 - 2.56, $picture->parallax(800), 1e-9);
        // Half a metre a second at 20 m: 32 px in a second.
        self::assertEqualsWithDelta(32.0, $picture->subjectTravel(1), 1e-9);
        // 36 mm wide through 24 mm take in 73.74°: a degree is 1/73.74 of the frame, half that with the camera up by 60°.
        self::assertEqualsWithDelta(1 / 73.7398, $picture->passed(AxisRole::Pan, -1, 0), 1e-7);
        self::assertEqualsWithDelta(0.5 / 73.7398, $picture->passed(AxisRole::Pan, 1, 60), 1e-7);
        self::assertEqualsWithDelta(1 / 73.7398, $picture->passed(AxisRole::Tilt, 1, 60), 1e-7);
        // 1.28 px at the subject's 20 m.
        self::assertEqualsWithDelta(0.64 / 1920, $picture->passed(AxisRole::Slide, -10, 0), 1e-9);
        self::assertEqualsWithDelta(8.0, Picture::crossingSeconds(10 / 1920, 24), 1e-9);
        self::assertSame(INF, Picture::crossingSeconds(0.0, 24));
    }

    public function testImpossibleOpticsAreRefused(): void
    {
        foreach (
            [
                '/focal_mm' => static fn () => self::optics(0.0),
                '/output_width_px' => static fn () => self::optics(24, 0),
                '/sensor_width_mm' => static fn () => new Optics(NAN, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400),
                '/subject_m' => static fn () => new Optics(36, 24, 6000, 4000, 24, 1920, 1080, 2, 1, 400),
                '/subject_speed_m_s' => static fn () => new Optics(36, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400, -1),
            ] as $pointer => $make
        ) {
            try {
                $make();
                self::fail("accepted {$pointer}");
            } catch (InvalidInput $invalid) {
                self::assertSame($pointer, $invalid->problems[0]->pointer);
            }
        }
    }
}
