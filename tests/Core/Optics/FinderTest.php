<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use Evrent\Core\Optics\Finder;
use Evrent\Core\Optics\Optics;
use PHPUnit\Framework\TestCase;

final class FinderTest extends TestCase
{
    public function testHalfTheSensorOverTheFocalLengthIsTheTangentOfHalfTheAngle(): void
    {
        // 36 by 24 mm at 18 mm: 45° to either side, and the tangent of 33.7° up and down.
        $finder = new Finder(new Optics(36, 24, 6000, 4000, 18, 1920, 1080, 2, 20, 400));
        self::assertEqualsWithDelta([1.0, 2 / 3], [$finder->halfWidth, $finder->halfHeight], 1e-12);
        self::assertEqualsWithDelta(90.0, $finder->optics->frameWidthDegrees(), 1e-9);
    }

    public function testTheCropTakesFromTheHeightOfAWiderClipAndFromTheWidthOfANarrowerOne(): void
    {
        $wide = new Finder(new Optics(36, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400));
        self::assertEqualsWithDelta([1.0, 27 / 32], [$wide->cropWidth, $wide->cropHeight], 1e-12);
        $tall = new Finder(new Optics(36, 24, 6000, 4000, 24, 1080, 1920, 2, 20, 400));
        self::assertEqualsWithDelta([3 / 8, 1.0], [$tall->cropWidth, $tall->cropHeight], 1e-12);
        // Upright, a frame's width is what is left of it: 2·atan(3/8 · 0.75).
        self::assertEqualsWithDelta(2 * rad2deg(atan(0.28125)), $tall->optics->frameWidthDegrees(), 1e-9);
    }

    public function testWhatIsDrawnFromIsWhatItSays(): void
    {
        $finder = new Finder(new Optics(36, 24, 6000, 4000, 24, 1920, 1080, 2, 20, 400, 0.5));
        self::assertSame([2.0, 20.0, 400.0, 0.5, 'example', null], array_values(array_slice($finder->toArray(), 4)));
    }
}
