<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\Ffconcat;
use Evrent\Core\Export\Film;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Photos\Decoder;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\SmallPicture;
use RuntimeException;

/**
 * A small film that is there within seconds: of small photos themselves, or of the small pictures that large ones keep in their files.
 */
final readonly class QuickFilm
{
    /** Larger ones are shown by what they keep, where they keep any. */
    private const SMALL_PIXELS = 500_000;
    /** Of photos themselves so many pixels are read within seconds. */
    private const PIXELS = 400_000_000;
    private const QUALITY = 90;
    /** More of a picture's shape than this is lost in rounding; the rest are black bars. */
    private const BARS = 0.03;

    /** Frames that are made within seconds, by what they are made of. */
    private const MOST = ['photos' => 600, 'kept' => 1_500, 'raw' => 250];
    private const LEAST = 24;

    /** Whoever waits for it on a page waits no longer. */
    private const MOST_SECONDS = 25.0;

    /**
     * @param array<int, string> $paths by number
     * @param string             $of    photos, kept or raw
     */
    private function __construct(public Frames $frames, private array $paths, private string $of)
    {
    }

    /**
     * @param array<int, string> $paths  by number
     * @param bool               $areHeads whether only the beginnings of the files are there
     */
    public static function of(Frames $frames, array $paths, bool $areHeads = false): self
    {
        $first = $paths[Ffconcat::nearer($frames->frames[0])];
        $size = $areHeads ? false : @getimagesize($first);
        $pixels = $size === false ? 0 : $size[0] * $size[1];
        $keeps = SmallPicture::kept($first) !== null;
        $of = match (true) {
            !FilmWork::canRead($first) => 'raw',
            $areHeads || $keeps && $pixels > self::SMALL_PIXELS => 'kept',
            default => 'photos',
        };
        $most = $of === 'photos' ? max(self::LEAST, min(self::MOST[$of], intdiv(self::PIXELS, max(1, $pixels)))) : self::MOST[$of];

        return new self($frames->oneOf(max(1, (int) ceil(count($frames->frames) / $most))), $paths, $of);
    }

    /**
     * @param callable(int, int, Frames): Film $film of pictures that are so many pixels wide and high
     *
     * @return string path, in that folder
     *
     * @throws Failure in words
     */
    public function make(string $folder, callable $film): string
    {
        $isWhole = $this->of === 'photos';
        $first = $this->paths[Ffconcat::nearer($this->frames->frames[0])];
        $ending = $isWhole ? FilmWork::ENDINGS[strtolower(pathinfo($first, PATHINFO_EXTENSION))] ?? 'jpg' : 'jpg';
        $kept = $this->of === 'raw' ? $this->keptByRaw() : [];
        $size = @getimagesize($first);
        $shape = $size === false ? null : $size[0] / max(1, $size[1]);
        $before = null;
        foreach ($this->frames->frames as $n => $frame) {
            $path = $this->paths[Ffconcat::nearer($frame)];
            $name = sprintf('%s/%06d.%s', $folder, $n + 1, $ending);
            if ($isWhole) {
                symlink($path, $name);
                continue;
            }
            $small = $kept[$path] ?? SmallPicture::kept($path);
            // One that keeps none shows what came before it.
            $before = $small === null ? $before : self::withoutBars($small, $shape);
            if ($before === null) {
                throw new Failure(new Message('devices.film.no_thumbnails'));
            }
            file_put_contents($name, $before);
        }
        $size = @getimagesize(sprintf('%s/%06d.%s', $folder, 1, $ending));
        if ($size === false) {
            throw new Failure(new Message('devices.film.not_read', ['first' => basename($first)]));
        }
        $of = $film($size[0], $size[1], $this->frames);
        file_put_contents("{$folder}/levels.txt", $of->commands());
        Ffmpeg::run($of->arguments("file:%06d.{$ending}", 'levels.txt', 'file:quick.mp4'), $folder, null, self::MOST_SECONDS);

        return "{$folder}/quick.mp4";
    }

    /**
     * In one run for each folder.
     *
     * @return array<string, string> JPEG, by path
     */
    private function keptByRaw(): array
    {
        $names = $kept = [];
        foreach ($this->frames->frames as $frame) {
            $path = $this->paths[Ffconcat::nearer($frame)];
            $names[dirname($path)][basename($path)] = true;
        }
        foreach ($names as $folder => $some) {
            foreach (ExifTool::thumbnails($folder, array_map(strval(...), array_keys($some))) as $name => $jpeg) {
                $kept["{$folder}/{$name}"] = $jpeg;
            }
        }

        return $kept;
    }

    /** Small pictures are often 4:3 whatever the photo is, with black bars above and below. */
    private static function withoutBars(string $jpeg, ?float $shape): string
    {
        $size = @getimagesizefromstring($jpeg);
        if ($shape === null || $size === false || abs($size[0] / max(1, $size[1]) / $shape - 1.0) < self::BARS) {
            return $jpeg;
        }
        $image = Decoder::image($jpeg);
        if ($image === null) {
            return $jpeg;
        }
        $width = min($size[0], (int) round($size[1] * $shape));
        $height = min($size[1], (int) round($size[0] / $shape));
        $part = ['x' => intdiv($size[0] - $width, 2), 'y' => intdiv($size[1] - $height, 2), 'width' => $width, 'height' => $height];
        $cropped = imagecrop($image, $part);
        ob_start();
        $isMade = $cropped !== false && imagejpeg($cropped, null, self::QUALITY);
        $without = (string) ob_get_clean();

        return $isMade ? $without : $jpeg;
    }
}
