<?php

declare(strict_types=1);

// How long it takes to know which photo is which, and what reading and measuring adds to exiftool alone:
//   php bench/photos.php

use Evrent\Core\Photos\CardPhotos;
use Evrent\Core\Photos\Matching;
use Evrent\Devices\Photos\Apart;
use Evrent\Devices\Photos\Decoder;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\PhotoFolder;
use Evrent\Devices\Photos\SmallPicture;
use Evrent\Devices\Running\Picture;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;
use Tests\Core\Photos\CardMaker;
use Tests\Core\Plans;

require __DIR__ . '/../vendor/autoload.php';
require __DIR__ . '/figures.php';

const PHOTOS = 5_000;
const FILES = 1_000;
const AT_ONCE = 400;

$plan = static fn (mixed $interval): \Evrent\Core\Plan\Plan => Plans::with([
    '/site' => Plans::SITE, '/start' => ['event' => 'clock', 'at' => '17:50'], '/timing/photos' => PHOTOS, '/timing/interval_s' => $interval,
    '/timing/exposure_s' => 0.5, '/timing/head_photos' => 0, '/timing/tail_photos' => 0, '/rig/axes' => [], '/move/keyframes' => [['at' => 0], ['at' => 1]],
]);
foreach (['even' => 5, 'keyed' => [['at' => 0, 'interval_s' => 4], ['at' => 1, 'interval_s' => 9]]] as $what => $interval) {
    $card = new CardMaker($plan($interval), 1, offset: 3_607.0, driftPpm: 120.0, missing: range(700, 760), testsBefore: [44.0, 31.0]);
    $json = $card->json();
    figures("photos: matching 5,000, {$what}", 5, static fn () => Matching::of($card->planned(), CardPhotos::fromExifTool($json)));
}

$folder = sys_get_temp_dir() . '/evrent-bench-' . bin2hex(random_bytes(6));
mkdir($folder);
$image = imagecreatetruecolor(160, 107);
assert($image !== false);
for ($n = 0; $n < FILES; $n++) {
    imagejpeg($image, sprintf('%s/EVR_%04d.JPG', $folder, $n));
}
$alone = static function () use ($folder): void {
    (new Process(['exiftool', '-json', '-n', '-q', '-fast2', $folder]))->setTimeout(600)->mustRun();
};
$ours = static function () use ($folder): void {
    foreach (array_chunk(PhotoFolder::files($folder)['photos'], AT_ONCE) as $names) {
        $exif = ExifTool::begin($folder, $names);
        Apart::look($folder, $names, 0, count($names), true, Decoder::MOST_MEGAPIXELS, 60.0, $exif->listen(...));
        $exif->told($names);
    }
};
figuresInTurn(3, 1, ['photos: exiftool alone, 1,000 files' => $alone, 'photos: read and measured, 1,000 files' => $ours]);
$luma = static function () use ($folder): void {
    foreach (PhotoFolder::files($folder)['photos'] as $name) {
        Picture::luma((string) SmallPicture::quick("{$folder}/{$name}"));
    }
};
$ffmpeg = static function () use ($folder): void {
    $print = 'signalstats,metadata=print:key=lavfi.signalstats.YAVG:file=/dev/null';
    (new Process(['ffmpeg', '-v', 'error', '-i', "{$folder}/EVR_%04d.JPG", '-vf', $print, '-f', 'null', '-']))->setTimeout(600)->mustRun();
};
if ((new ExecutableFinder())->find('ffmpeg') !== null) {
    figuresInTurn(3, 1, ['photos: brightness by ffmpeg alone, 1,000 small files' => $ffmpeg, 'photos: brightness, 1,000 small files' => $luma]);
}
(new Process(['rm', '-rf', $folder]))->mustRun();
