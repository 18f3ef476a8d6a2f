<?php

declare(strict_types=1);

namespace Evrent\Devices\Running;

use Evrent\Devices\Photos\Decoder;
use GdImage;

/**
 * What a small picture says of a photo.
 */
final class Picture
{
    /** Red, green and blue in what the eye takes for brightness (ITU-R BT.709). */
    private const WEIGHTS = [0.2126, 0.7152, 0.0722];
    private const GAMMA = 2.2;

    /** @return ?float how bright it is on the whole, 0 to 1, of light and not of pixel values; null where it is no picture */
    public static function luma(string $jpeg): ?float
    {
        $image = Decoder::image($jpeg);

        return $image === null ? null : self::lumaOf($image);
    }

    /** @return float how bright it is on the whole, 0 to 1, of light and not of pixel values */
    public static function lumaOf(GdImage $image): float
    {
        // A sieve of points: means of a whole picture do not need each.
        [$width, $height] = [imagesx($image), imagesy($image)];
        [$sum, $points] = [0.0, 0];
        for ($y = 0; $y < $height; $y += max(1, intdiv($height, 24))) {
            for ($x = 0; $x < $width; $x += max(1, intdiv($width, 36))) {
                $colour = (int) imagecolorat($image, $x, $y);
                $value = self::WEIGHTS[0] * ($colour >> 16 & 0xff) + self::WEIGHTS[1] * ($colour >> 8 & 0xff) + self::WEIGHTS[2] * ($colour & 0xff);
                $sum += ($value / 255.0) ** self::GAMMA;
                $points++;
            }
        }

        return $sum / $points;
    }
}
