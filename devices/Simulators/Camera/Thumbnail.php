<?php

declare(strict_types=1);

namespace Evrent\Devices\Simulators\Camera;

/**
 * The small picture that the simulated camera sends of a file.
 */
final class Thumbnail
{
    private const WIDTH = 160;
    private const QUALITY = 80;

    /** @return ?string JPEG; null where the file cannot be read */
    public static function of(string $jpeg): ?string
    {
        $image = @imagecreatefromstring($jpeg);
        $small = $image === false ? false : imagescale($image, self::WIDTH, -1, IMG_BILINEAR_FIXED);
        if ($small === false) {
            return null;
        }
        ob_start();
        imagejpeg($small, null, self::QUALITY);

        return (string) ob_get_clean();
    }
}
