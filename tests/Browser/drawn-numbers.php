<?php

declare(strict_types=1);

/*
 * Reads the numbers that the simulated camera draws into its photos (devices/Simulators/Camera/SceneDrawing.php), in photos or in the frames of a
 * film made of them: drawn-numbers.php PHOTO … [FILM]. Prints a list for each file, as JSON: a number for each frame, null where there is none to be
 * read.
 */
const DIGIT_WIDTH = 7;
const DIGIT_HEIGHT = 13;
const DIGITS = 6;

/** @return list<string> the pixels of each digit, as "0" and "1" */
function digits(): array
{
    $all = [];
    for ($digit = 0; $digit <= 9; $digit++) {
        $image = imagecreatetruecolor(DIGIT_WIDTH, DIGIT_HEIGHT);
        imagestring($image, 3, 0, 0, (string) $digit, 0xffffff);
        $pixels = '';
        for ($y = 0; $y < DIGIT_HEIGHT; $y++) {
            for ($x = 0; $x < DIGIT_WIDTH; $x++) {
                $pixels .= imagecolorat($image, $x, $y) > 0 ? '1' : '0';
            }
        }
        $all[] = $pixels;
    }

    return $all;
}

/** @param list<string> $digits */
function number(GdImage $frame, int $photoWidth, int $photoHeight, array $digits): ?int
{
    // The whole width is in the frame; above and below as much is cut off.
    $scale = imagesx($frame) / $photoWidth;
    $cut = ($photoHeight - imagesy($frame) / $scale) / 2.0;
    [$left, $top] = [intdiv($photoWidth, 8) + 4, intdiv($photoHeight, 6) + 1];
    $number = '';
    for ($place = 0; $place < DIGITS; $place++) {
        $pixels = '';
        for ($y = 0; $y < DIGIT_HEIGHT; $y++) {
            for ($x = 0; $x < DIGIT_WIDTH; $x++) {
                $color = imagecolorat($frame, (int) (($left + DIGIT_WIDTH * $place + $x + 0.5) * $scale), (int) (($top + $y + 0.5 - $cut) * $scale));
                $pixels .= (($color >> 8) & 0xff) > 127 ? '1' : '0';
            }
        }
        $apart = array_map(static fn (string $digit): int => count(array_diff_assoc(str_split($digit), str_split($pixels))), $digits);
        if (min($apart) > 12) {
            return null;
        }
        $number .= array_search(min($apart), $apart, true);
    }

    return (int) $number;
}

[$width, $height] = (array) getimagesize($argv[1]);
$digits = digits();
$folder = sys_get_temp_dir() . '/evrent-frames-' . bin2hex(random_bytes(6));
mkdir($folder);
$found = [];
foreach (array_slice($argv, 1) as $n => $file) {
    if (preg_match('/\.jpe?g$/i', $file) === 1) {
        $photo = imagecreatefromjpeg($file);
        $found[] = [$photo === false ? null : number($photo, imagesx($photo), imagesy($photo), $digits)];
        continue;
    }
    exec(sprintf('ffmpeg -v error -i %s -fps_mode passthrough %s', escapeshellarg($file), escapeshellarg("{$folder}/{$n}-%05d.png")));
    $frames = glob("{$folder}/{$n}-*.png");
    $found[] = array_map(static function (string $path) use ($width, $height, $digits): ?int {
        $frame = imagecreatefrompng($path);
        unlink($path);

        return $frame === false ? null : number($frame, (int) $width, (int) $height, $digits);
    }, $frames === false ? [] : $frames);
}
rmdir($folder);
echo json_encode($found), "\n";
