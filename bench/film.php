<?php

declare(strict_types=1);

// What making a clip adds to ffmpeg alone, and how soon a quick look at 5,000 photos is there:
//   php bench/film.php

use Evrent\Core\Clip\Clip;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\Film;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Film\QuickFilm;
use Symfony\Component\Process\Process;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/figures.php';

const PHOTOS = 100;
const MANY = 5_000;

$folder = sys_get_temp_dir() . '/evrent-bench-' . bin2hex(random_bytes(6));
mkdir("{$folder}/photos", 0o700, true);
$image = imagecreatetruecolor(2_400, 1_600);
assert($image !== false);
mt_srand(3);
$paths = [];
for ($n = 1; $n <= PHOTOS; $n++) {
    for ($spot = 0; $spot < 60; $spot++) {
        imagefilledellipse($image, mt_rand(0, 2_399), mt_rand(0, 1_599), mt_rand(20, 300), mt_rand(20, 300), mt_rand(0, 0xffffff));
    }
    $paths[$n] = sprintf('%s/photos/%06d.jpg', $folder, $n);
    imagejpeg($image, $paths[$n], 90);
}
$frames = Frames::of(new Clip(shape: 1.5), PHOTOS);
$alone = static function () use ($folder): void {
    $command = ['ffmpeg', '-v', 'error', '-framerate', '24', '-i', 'photos/%06d.jpg', '-vf', 'scale=1620:1080:flags=lanczos,format=yuv420p', '-c:v', 'libx264',
        '-preset', 'medium', '-crf', '18', '-movflags', '+faststart', '-y', 'alone.mp4'];
    (new Process($command, $folder))->setTimeout(600)->mustRun();
};
$ours = static function () use ($folder, $frames, $paths): void {
    FilmWork::clear("{$folder}/work");
    mkdir("{$folder}/work");
    $making = new FilmWork($frames, $paths);
    $making->make(new Film($frames, ...[...$making->size(), []]), "{$folder}/work");
};
figuresInTurn(3, 1, ['film: ffmpeg alone, ' . PHOTOS . ' photos in 1080p' => $alone, 'film: made by Evrent' => $ours]);

$small = imagescale($image, 160, 107);
assert($small !== false);
imagejpeg($small, "{$folder}/small.jpg");
(new Process(['exiftool', '-q', '-overwrite_original', "-ThumbnailImage<={$folder}/small.jpg", $paths[1]]))->mustRun();
$many = Frames::of(new Clip(), MANY);
figures('film: a quick look at 5,000 large photos', 3, static function () use ($folder, $many, $paths): void {
    FilmWork::clear("{$folder}/work");
    mkdir("{$folder}/work");
    QuickFilm::of($many, array_fill(1, MANY, $paths[1]))
        ->make("{$folder}/work", static fn (int $width, int $height, Frames $few): Film => new Film($few, $width, $height, [], true));
});
(new Process(['rm', '-rf', $folder]))->run();
