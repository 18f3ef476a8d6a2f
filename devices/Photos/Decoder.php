<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Messages\Message;
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

    /** @return ?Message why a photo is not looked at, by what its head says; null where nothing speaks against it */
    public static function whyNot(string $path, int $mostMegapixels = self::MOST_MEGAPIXELS): ?Message
    {
        if (!is_file($path)) {
            return new Message('devices.photos.gone');
        }
        if (!is_readable($path)) {
            return new Message('devices.photos.forbidden');
        }
        $size = @getimagesize($path);
        if ($size === false || $size[0] * $size[1] <= $mostMegapixels * 1_000_000) {
            return null;
        }

        return new Message('devices.photos.too_large', ['size' => $size[0], 'size2' => $size[1], 'mostMegapixels' => $mostMegapixels]);
    }
}
