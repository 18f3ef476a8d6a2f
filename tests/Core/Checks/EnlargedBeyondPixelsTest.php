<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use Evrent\Core\Checks\EnlargedBeyondPixels;
use Evrent\Core\Checks\Finding;
use Evrent\Core\Checks\Report;
use Evrent\Core\Findings\FindingId;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Shot\Shot;
use Evrent\Core\Values\InvalidInput;
use PHPUnit\Framework\TestCase;
use Tests\Core\Plans;

/**
 * F2: photos of 6,000 by 4,000 px. For a clip of 1,920 px they carry 6,000 / 1,920 = 3.125 times, for one of 3,840 px 1.5625 times.
 */
final class EnlargedBeyondPixelsTest extends TestCase
{
    public function testWhatThePixelsCarryIsToldAndNotFound(): void
    {
        self::assertSame('checks.enlarged_beyond_pixels.room(times: 3.12)', (string) EnlargedBeyondPixels::told(self::plan()));
        self::assertNull(self::finding());
        self::assertNull(self::finding(['later_zoom' => 3.125]));
        self::assertSame('', EnlargedBeyondPixels::told(self::plan(['image_width_px' => 1_500, 'image_height_px' => 1_000])));
    }

    public function testTooFarAZoomIsFoundAndMended(): void
    {
        $finding = self::finding(['later_zoom' => 4]);
        self::assertNotNull($finding);
        self::assertSame('checks.enlarged_beyond_pixels.shortfall(times: 1.28)', (string) $finding->shortfall);
        self::assertSame('checks.enlarged_beyond_pixels.sentence(croppedWidthPixels: 1500, part: checks.enlarged_beyond_pixels.zoomed(zoom: 4), outputWidthPixels: 1920, times: 1.28)', (string) $finding->sentence);
        foreach ($finding->remedies() as $remedy) {
            self::assertNull(Report::on(Shot::of($remedy->mended))->finding(FindingId::EnlargedBeyondPixels), (string) $remedy->label);
        }
        self::assertSame(['checks.enlarged_beyond_pixels.zoom(zoom: 3.12)', 'checks.enlarged_beyond_pixels.smaller(width: 1500, height: 842)'], array_map(static fn ($remedy): string => (string) $remedy->label, $finding->remedies()));
    }

    public function testPhotosSmallerThanTheClipAreFoundWithoutAnyZoom(): void
    {
        $finding = self::finding(['image_width_px' => 1_600, 'image_height_px' => 1_200]);
        self::assertNotNull($finding);
        self::assertSame('checks.enlarged_beyond_pixels.shortfall(times: 1.2)', (string) $finding->shortfall);
        self::assertSame(['checks.enlarged_beyond_pixels.smaller(width: 1600, height: 900)'], array_map(static fn ($remedy): string => (string) $remedy->label, $finding->remedies()));
    }

    public function testAZoomOutIsRefusedByItsField(): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('/optics/later_zoom');
        self::plan(['later_zoom' => 0.5]);
    }

    /**
     * @param array<string, float|int> $optics
     */
    private static function finding(array $optics = []): ?Finding
    {
        return Report::on(Shot::of(self::plan($optics)))->finding(FindingId::EnlargedBeyondPixels);
    }

    /**
     * @param array<string, float|int> $optics
     */
    private static function plan(array $optics = []): Plan
    {
        return Plans::with(['/optics' => $optics + ['focal_mm' => 24] + Plans::OPTICS]);
    }
}
