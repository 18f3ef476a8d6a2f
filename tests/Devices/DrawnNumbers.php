<?php

declare(strict_types=1);

namespace Tests\Devices;

use GdImage;
use RuntimeException;
use Symfony\Component\Process\Process;

/**
 * Reads the numbers that the simulated camera draws into its photos (devices/Simulators/Camera/SceneDrawing.php), in photos or in the frames of a film
 * that was made of them.
 */
final class DrawnNumbers
{
    private const DIGIT_WIDTH = 7;
    private const DIGIT_HEIGHT = 13;
    private const DIGITS = 6;

    /** Of the pixels of a digit, so many may be otherwise. */
    private const MOST_APART = 12;

    /** @return ?int null where there is none to be read */
    public static function ofPhoto(string $path): ?int
    {
        $photo = self::image($path);

        return self::in($photo, imagesx($photo), imagesy($photo));
    }

    /**
     * @param string $photo one of those that it was made of: the whole of its width is in each frame
     *
     * @return list<?int> of each frame; null where there is none to be read
     */
    public static function ofFilm(string $path, string $photo): array
    {
        $size = getimagesize($photo);
        if ($size === false) {
            throw new RuntimeException("{$photo} is no photo");
        }
        $folder = sys_get_temp_dir() . '/evrent-frames-' . bin2hex(random_bytes(6));
        mkdir($folder);
        (new Process(['ffmpeg', '-v', 'error', '-i', $path, '-fps_mode', 'passthrough', "{$folder}/%05d.png"]))->setTimeout(600.0)->mustRun();
        $frames = glob("{$folder}/*.png");
        $numbers = array_map(static fn (string $frame): ?int => self::in(self::image($frame), $size[0], $size[1]), $frames === false ? [] : $frames);
        (new Process(['rm', '-rf', $folder]))->mustRun();

        return $numbers;
    }

    private static function image(string $path): GdImage
    {
        $image = imagecreatefromstring((string) file_get_contents($path));

        return $image === false ? throw new RuntimeException("{$path} is no picture") : $image;
    }

    /** @return ?int null where there is none to be read */
    public static function in(GdImage $frame, int $photoWidth, int $photoHeight): ?int
    {
        $scale = imagesx($frame) / $photoWidth;
        // Above and below as much is cut off.
        $cut = ($photoHeight - imagesy($frame) / $scale) / 2.0;
        [$left, $top] = [intdiv($photoWidth, 8) + 4, intdiv($photoHeight, 6) + 1];
        $number = '';
        for ($place = 0; $place < self::DIGITS; $place++) {
            $pixels = self::pixels(static fn (int $x, int $y): bool => ((int) imagecolorat(
                $frame,
                (int) (($left + self::DIGIT_WIDTH * $place + $x + 0.5) * $scale),
                (int) (($top + $y + 0.5 - $cut) * $scale),
            ) >> 8 & 0xff) > 127);
            [$nearest, $least] = ['', self::MOST_APART + 1];
            foreach (self::digits() as $digit => $drawn) {
                $apart = count(array_diff_assoc($drawn, $pixels));
                [$nearest, $least] = $apart < $least ? [(string) $digit, $apart] : [$nearest, $least];
            }
            if ($nearest === '') {
                return null;
            }
            $number .= $nearest;
        }

        return (int) $number;
    }

    /** @return list<list<bool>> the pixels of each digit */
    private static function digits(): array
    {
        /** @var list<list<bool>> $all */
        static $all = [];
        for ($digit = count($all); $digit <= 9; $digit++) {
            $image = imagecreatetruecolor(self::DIGIT_WIDTH, self::DIGIT_HEIGHT);
            assert($image !== false);
            imagestring($image, 3, 0, 0, (string) $digit, 0xffffff);
            $all[] = self::pixels(static fn (int $x, int $y): bool => (int) imagecolorat($image, $x, $y) > 0);
        }

        return $all;
    }

    /**
     * @param callable(int, int): bool $isLit
     *
     * @return list<bool>
     */
    private static function pixels(callable $isLit): array
    {
        $pixels = [];
        for ($y = 0; $y < self::DIGIT_HEIGHT; $y++) {
            for ($x = 0; $x < self::DIGIT_WIDTH; $x++) {
                $pixels[] = $isLit($x, $y);
            }
        }

        return $pixels;
    }
}
