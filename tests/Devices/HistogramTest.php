<?php

declare(strict_types=1);

namespace Tests\Devices;

use Evrent\Devices\Photos\Histogram;
use PHPUnit\Framework\TestCase;

final class HistogramTest extends TestCase
{
    public function testBarsAndWhatIsClipped(): void
    {
        // A quarter black, a quarter white, half a middle grey of 128.
        $spread = Histogram::of(self::jpeg([[0, 0, 0], [128, 128, 128], [128, 128, 128], [255, 255, 255]]));
        self::assertNotNull($spread);
        self::assertCount(Histogram::BINS, $spread->bins);
        self::assertEqualsWithDelta(1.0, array_sum($spread->bins), 1e-6);
        self::assertEqualsWithDelta(0.25, $spread->bins[0], 0.02);
        self::assertEqualsWithDelta(0.5, $spread->bins[31] + $spread->bins[32], 0.04);
        self::assertEqualsWithDelta(0.25, $spread->bins[63], 0.02);
        self::assertEqualsWithDelta(0.25, $spread->black, 0.02);
        self::assertEqualsWithDelta(0.25, $spread->white, 0.02);
    }

    public function testOneChannelAloneIsClippedToo(): void
    {
        $spread = Histogram::of(self::jpeg([[255, 40, 40], [60, 60, 60]]));
        self::assertEqualsWithDelta(0.5, $spread->white ?? 0.0, 0.05);
        self::assertEqualsWithDelta(0.0, $spread->black ?? 1.0, 0.01);
        self::assertNull(Histogram::of('no picture'));
    }

    /**
     * @param non-empty-list<array{int<0, 255>, int<0, 255>, int<0, 255>}> $columns
     */
    private static function jpeg(array $columns): string
    {
        $image = imagecreatetruecolor(480, 320);
        self::assertNotFalse($image);
        $wide = intdiv(480, count($columns));
        foreach ($columns as $n => $colour) {
            imagefilledrectangle($image, $n * $wide, 0, ($n + 1) * $wide - 1, 319, (int) imagecolorallocate($image, ...$colour));
        }
        ob_start();
        imagejpeg($image, null, 95);

        return (string) ob_get_clean();
    }
}
