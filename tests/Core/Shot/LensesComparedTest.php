<?php

declare(strict_types=1);

namespace Tests\Core\Shot;

use Evrent\Core\Schedule\Schedule;
use Evrent\Core\Shot\LensesCompared;
use Evrent\Core\Shot\LensShown;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

final class LensesComparedTest extends TestCase
{
    private const OPTICS = [
        'sensor_width_mm' => 36, 'sensor_height_mm' => 24, 'image_width_px' => 6000, 'image_height_px' => 4000, 'focal_mm' => 24,
        'output_width_px' => 3000, 'output_height_px' => 2000, 'foreground_m' => 2, 'subject_m' => 10, 'background_m' => 1000,
    ];

    public function testASlideIsShownByWhatIsNearAndALongLensShowsMoreOfIt(): void
    {
        // 900 mm of slide: 0.9 m / 2 m × 24 mm / 36 mm = 0.3 of the frame at 24 mm.
        $lenses = self::compared(['slide' => [0, 900], 'pan' => [0, 0], 'tilt' => [0, 0]], [50.0, 24.0, 85.0]);
        self::assertSame([24.0, 50.0, 85.0], array_map(static fn (LensShown $one): float => $one->focalMillimetres, $lenses));
        self::assertSame([true, false, false], array_map(static fn (LensShown $one): bool => $one->isChosen, $lenses));
        self::assertEqualsWithDelta(0.3, $lenses[0]->near, 1e-6);
        self::assertEqualsWithDelta(0.06, $lenses[0]->subject, 1e-6);
        self::assertEqualsWithDelta(0.0006, $lenses[0]->far, 1e-6);
        self::assertEqualsWithDelta(0.2994, $lenses[0]->parallax(), 1e-6);
        self::assertEqualsWithDelta(0.3 * 85.0 / 24.0, $lenses[2]->near, 1e-6);
        self::assertSame('shot.lens.crosses', (string) LensShown::says($lenses[2]->near, 0.02));
        self::assertSame('shot.lens.still', (string) LensShown::says($lenses[0]->far, 0.02));
        self::assertSame('', LensShown::says($lenses[0]->near, 0.02));
    }

    public function testAPanMovesAllAlikeByTangents(): void
    {
        // 20° about the middle: 2 · tan 10° of 36 / 24.
        [$lens] = self::compared(['slide' => [0, 0], 'pan' => [-10, 10], 'tilt' => [0, 0]], []);
        foreach ([$lens->near, $lens->subject, $lens->far] as $share) {
            self::assertEqualsWithDelta(2.0 * tan(deg2rad(10.0)) * 24.0 / 36.0, $share, 1e-6);
        }
        self::assertEqualsWithDelta(0.0, $lens->parallax(), 1e-6);
        // A tilt goes up by as much as a pan goes across; a narrower clip is crossed sooner.
        [$tilt] = self::compared(['slide' => [0, 0], 'pan' => [0, 0], 'tilt' => [-10, 10]], []);
        self::assertEqualsWithDelta((float) $lens->far, $tilt->far, 1e-6);
    }

    public function testWhatIsPannedAwayFromLeavesTheView(): void
    {
        [$lens] = self::compared(['slide' => [0, 0], 'pan' => [-100, 100], 'tilt' => [0, 0]], []);
        self::assertNull($lens->subject);
        self::assertNull($lens->parallax());
        self::assertSame('shot.lens.leaves', (string) LensShown::says($lens->subject, 0.02));
    }

    public function testWithoutAPictureOrARigThereIsNothingToCompare(): void
    {
        self::assertSame([], LensesCompared::of(Schedule::of(Plans::with([])), [24.0]));
    }

    /**
     * @param array<string, array{int, int}> $ends   by axis
     * @param list<float>                    $focals
     *
     * @return list<LensShown>
     */
    private static function compared(array $ends, array $focals): array
    {
        $keyframes = array_map(static fn (int $k): array => ['at' => $k] + array_map(static fn (array $of): int => $of[$k], $ends), [0, 1]);

        return LensesCompared::of(Schedule::of(Plans::with(['/optics' => self::OPTICS, '/move/keyframes' => $keyframes])), $focals);
    }
}
