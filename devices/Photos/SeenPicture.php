<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Photos\Outline;
use Evrent\Core\Photos\Waves;
use Evrent\Devices\Running\Picture;
use GdImage;

/**
 * What is measured of a small picture: how bright it is, and where what it shows lies.
 */
final readonly class SeenPicture
{
    /** The edges are left out: the picture that a camera keeps in a file has black bars there. */
    private const EDGE = 0.1;
    private const BANDS = 8;

    private function __construct(public float $luma, public ?Outline $outline)
    {
    }

    /** @return ?self null where it is no picture */
    public static function of(Waves $waves, string $jpeg): ?self
    {
        $image = Decoder::image($jpeg);

        return $image === null ? null : new self(Picture::lumaOf($image), self::outline($waves, $image));
    }

    private static function outline(Waves $waves, GdImage $image): ?Outline
    {
        $columns = self::summed($image, Waves::POINTS, self::BANDS);
        $rows = self::summed($image, self::BANDS, Waves::POINTS);

        $share = 1.0 - 2.0 * self::EDGE;

        return $columns === null || $rows === null ? null : Outline::of($waves, $columns[0], $rows[1], $share, $share * imagesy($image) / imagesx($image));
    }

    /**
     * @return ?array{list<float>, list<float>} its columns and its rows, made so many
     */
    private static function summed(GdImage $image, int $width, int $height): ?array
    {
        $small = imagecreatetruecolor(max(1, $width), max(1, $height));
        [$wide, $high] = [imagesx($image), imagesy($image)];
        $isMade = $small !== false && imagecopyresampled(
            $small,
            $image,
            0,
            0,
            (int) round(self::EDGE * $wide),
            (int) round(self::EDGE * $high),
            $width,
            $height,
            max(1, (int) round((1.0 - 2.0 * self::EDGE) * $wide)),
            max(1, (int) round((1.0 - 2.0 * self::EDGE) * $high)),
        );
        if (!$isMade) {
            return null;
        }
        $columns = array_fill(0, $width, 0.0);
        $rows = array_fill(0, $height, 0.0);
        for ($y = 0; $y < $height; $y++) {
            for ($x = 0; $x < $width; $x++) {
                // Green alone: most of what the eye takes for brightness.
                $value = (float) ((int) imagecolorat($small, $x, $y) >> 8 & 0xff);
                $columns[$x] += $value;
                $rows[$y] += $value;
            }
        }

        return [array_values($columns), array_values($rows)];
    }
}
