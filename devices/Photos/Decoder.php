<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use GdImage;

/**
 * Pictures are decoded here alone, after a look at how large they say that they are: a file of two kilobytes may unpack to gigabytes.
 */
final class Decoder
{
    /** Unless the settings say otherwise. */
    public const MOST_MEGAPIXELS = 200;

    /** What a camera keeps in a file to show it small is never larger. */
    public const SMALL_PIXELS = 8_000_000;

    /** @return ?GdImage null where it is no picture, or a larger one */
    public static function image(string $bytes, int $mostPixels = self::SMALL_PIXELS): ?GdImage
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || $size[0] < 1 || $size[1] < 1 || $size[0] * $size[1] > $mostPixels) {
            return null;
        }
        $image = @imagecreatefromstring($bytes);

        return $image === false ? null : $image;
    }

    /** @return ?string why a photo is not looked at, by what its head says; null where nothing speaks against it */
    public static function whyNot(string $path, int $mostMegapixels = self::MOST_MEGAPIXELS): ?string
    {
        if (!is_file($path)) {
            return 'it is not there any more';
        }
        if (!is_readable($path)) {
            return 'no permission';
        }
        $size = @getimagesize($path);
        if ($size === false || $size[0] * $size[1] <= $mostMegapixels * 1_000_000) {
            return null;
        }

        return sprintf('it is %s × %s pixels, over the limit of %d megapixels', number_format($size[0]), number_format($size[1]), $mostMegapixels);
    }
}
