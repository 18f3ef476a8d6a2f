<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

/**
 * A photo small enough for a sheet of many: the one that its file keeps, or made of it.
 */
final class SmallPicture
{
    public const WIDTH = 160;
    private const END_BYTES = 4_096;
    private const SMALL_BYTES = 200_000;
    private const MOST_BYTES = 60_000_000;

    /**
     * Here and now: whoever does not know what a file holds calls `Apart::small()`.
     *
     * @return ?string JPEG; null where nothing can be made of it
     */
    public static function of(string $path, int $mostMegapixels = Decoder::MOST_MEGAPIXELS): ?string
    {
        if (Decoder::whyNot($path, $mostMegapixels) !== null || filesize($path) > self::MOST_BYTES * 4) {
            return null;
        }

        return self::kept($path) ?? self::made(preg_match('/\.(?:jpe?g|png)$/i', $path) === 1 && filesize($path) <= self::MOST_BYTES
            ? (string) @file_get_contents($path)
            : ExifTool::thumbnail($path), $mostMegapixels);
    }

    /** Whether the end of a JPEG is not there. Cameras write more behind it: it is looked for in the last part of the file. */
    public static function isTorn(string $path): bool
    {
        $size = self::isJpeg($path) && is_file($path) ? (int) filesize($path) : 0;
        if ($size === 0) {
            return false;
        }
        $end = @file_get_contents($path, false, null, max(0, $size - self::END_BYTES));

        return is_string($end) && !str_contains($end, "\xff\xd9");
    }

    public static function isJpeg(string $path): bool
    {
        return preg_match('/\.jpe?g$/i', $path) === 1;
    }

    /** @return ?string the one that a JPEG keeps of itself */
    public static function kept(string $path): ?string
    {
        $kept = self::isJpeg($path) && is_file($path) ? @exif_thumbnail($path) : false;

        return is_string($kept) && $kept !== '' ? $kept : null;
    }

    /** @return ?string JPEG that is there without making it: the kept one, or the photo itself where that is small */
    public static function quick(string $path): ?string
    {
        return self::kept($path) ?? (self::isJpeg($path) && is_file($path) && filesize($path) <= self::SMALL_BYTES
            ? (string) @file_get_contents($path)
            : null);
    }

    private static function made(?string $picture, int $mostMegapixels): ?string
    {
        $image = $picture === null ? null : Decoder::image($picture, $mostMegapixels * 1_000_000);
        if ($image === null) {
            return null;
        }
        $small = imagescale($image, self::WIDTH);
        ob_start();
        $isMade = $small !== false && imagejpeg($small, null, 80);
        $jpeg = (string) ob_get_clean();

        return $isMade ? $jpeg : null;
    }
}
