<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Core\Clip\Frame;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\Film;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Processes\NoRoom;
use FilesystemIterator;
use RuntimeException;

/**
 * Makes a clip of photos in a folder of its own: links numbered by frame, pictures that lie over each other, and last the film. The photos are
 * only read.
 */
final class FilmWork
{
    /** What ffmpeg reads without a developing program. */
    public const ENDINGS = ['jpg' => 'jpg', 'jpeg' => 'jpg', 'png' => 'png', 'tif' => 'tif', 'tiff' => 'tif'];
    private const NEAR = 80;

    /**
     * @param Frames             $frames
     * @param array<int, string> $paths  of the photos that are there, by number
     */
    public function __construct(private readonly Frames $frames, private readonly array $paths)
    {
    }

    public static function canRead(string $path): bool
    {
        return isset(self::ENDINGS[strtolower(pathinfo($path, PATHINFO_EXTENSION))]);
    }

    /** @return ?array{int, int} width and height as it is shown, pixels: turned by what the file says, as ffmpeg turns it; null where it is no picture */
    public static function sizeOf(string $path): ?array
    {
        $size = is_file($path) ? @getimagesize($path) : false;
        if ($size === false || $size[0] < 2 || $size[1] < 2) {
            return null;
        }

        return $size[2] === IMAGETYPE_JPEG && self::isOnItsSide($path) ? [$size[1], $size[0]] : [$size[0], $size[1]];
    }

    /**
     * What the photos have in common, looked up in their heads.
     *
     * @return array{int, int} width and height, pixels
     *
     * @throws InvalidInput by /photos
     */
    public function size(): array
    {
        $sizes = $kinds = [];
        foreach ($this->shown() as $number) {
            $path = $this->paths[$number];
            $size = self::sizeOf($path);
            if ($size === null) {
                throw self::wrong(new Message('devices.film.unreadable', ['number' => $number, 'path' => basename($path)]));
            }
            $sizes["{$size[0]} × {$size[1]}"][] = $number;
            $kinds[self::ENDINGS[strtolower(pathinfo($path, PATHINFO_EXTENSION))] ?? ''][] = $number;
        }
        self::unlessOne($sizes, 'pixels');
        self::unlessOne($kinds, 'files');
        [$width, $height] = array_map(intval(...), explode(' × ', (string) array_key_first($sizes)));

        return [$width, $height];
    }

    /**
     * @param string               $folder  that is made for it, and gone afterwards
     * @param ?callable(int): bool $goesOn asked now and then with the frames that are done
     *
     * @return ?string path of the film, in that folder; null where it was not to go on
     *
     * @throws Failure in words
     */
    public function make(Film $film, string $folder, ?callable $goesOn = null): ?string
    {
        $ending = $this->ending();
        foreach ($this->frames->frames as $n => $frame) {
            $link = sprintf('%s/%06d.%s', $folder, $n + 1, $ending);
            if ($goesOn !== null && $n % self::NEAR === 0 && !$goesOn(0)) {
                return null;
            }
            if ($frame->over === null) {
                self::unlessMade(@symlink($this->paths[$frame->photo], $link));
            } else {
                $this->lay($frame, basename($link), $folder);
            }
        }
        self::unlessMade(@file_put_contents("{$folder}/levels.txt", $film->commands()) !== false);
        $output = 'film.' . $this->frames->clip->codec->ending();
        $done = 0;
        try {
            $watched = static function (int $frames) use ($goesOn, &$done): bool {
                $done = $frames;

                return $goesOn === null || $goesOn($frames);
            };
            $isMade = Ffmpeg::run($film->arguments("file:%06d.{$ending}", 'levels.txt', "file:{$output}"), $folder, $watched);
        } catch (Interrupted $ended) {
            throw $ended;
        } catch (NoRoom $full) {
            throw $full;
        } catch (Failure $failure) {
            $bad = $this->unreadable($done, $folder);
            throw $bad === null ? $failure : new Failure($bad);
        }

        return $isMade ? "{$folder}/{$output}" : null;
    }

    /** Takes away a folder that was made for it. */
    public static function clear(string $folder): void
    {
        if (!is_dir($folder) || is_link($folder)) {
            return;
        }
        foreach (new FilesystemIterator($folder) as $file) {
            @unlink((string) $file);
        }
        @rmdir($folder);
    }

    private function ending(): string
    {
        $first = $this->paths[$this->frames->frames[0]->photo];

        return self::ENDINGS[strtolower(pathinfo($first, PATHINFO_EXTENSION))] ?? 'jpg';
    }

    private function lay(Frame $frame, string $name, string $folder): void
    {
        $pictures = '[0:v]format=gbrp[a];[1:v]format=gbrp[b];[a][b]blend=all_mode=normal:all_opacity=' . sprintf('%.4F', 1.0 - $frame->share);
        $inputs = [...$this->input($frame->photo, 'below', $folder), ...$this->input((int) $frame->over, 'above', $folder)];
        Ffmpeg::run([...$inputs, '-filter_complex', $pictures, '-frames:v', '1', '-q:v', '1', '-update', '1', '-y', "file:{$name}"], $folder);
    }

    /**
     * A photo as ffmpeg's input, by a link of that name.
     *
     * @return list<string>
     */
    private function input(int $photo, string $as, string $folder): array
    {
        $name = "{$as}.{$this->ending()}";
        @unlink("{$folder}/{$name}");
        self::unlessMade(@symlink($this->paths[$photo], "{$folder}/{$name}"));

        return Ffmpeg::picture($name);
    }

    /** The photo that broke it: looked for where it stopped. */
    private function unreadable(int $done, string $folder): ?Message
    {
        $near = array_slice($this->frames->frames, max(0, $done - 2), self::NEAR);
        $tried = [];
        foreach ($near as $frame) {
            if (isset($tried[$frame->photo])) {
                continue;
            }
            $tried[$frame->photo] = true;
            try {
                Ffmpeg::run(['-err_detect', 'explode', ...$this->input($frame->photo, 'tried', $folder), '-f', 'null', '-'], $folder);
            } catch (Failure) {
                return new Message('devices.film.torn', ['photo' => $frame->photo, 'paths' => basename($this->paths[$frame->photo])]);
            }
        }

        return null;
    }

    /** @return list<int> numbers of the photos that are shown, once each */
    private function shown(): array
    {
        $shown = [];
        foreach ($this->frames->frames as $frame) {
            $shown[$frame->photo] = true;
            if ($frame->over !== null) {
                $shown[$frame->over] = true;
            }
        }
        ksort($shown);

        return array_keys($shown);
    }

    /**
     * @param array<string, list<int>> $kinds numbers of photos, by what they are
     */
    private static function unlessOne(array $kinds, string $what): void
    {
        if (count($kinds) < 2) {
            return;
        }
        uasort($kinds, static fn (array $a, array $b): int => count($b) <=> count($a));
        $names = array_map(strval(...), array_keys($kinds));
        $odd = $kinds[$names[1]];
        throw self::wrong(new Message("devices.film.odd_{$what}", [
            'count' => count($odd), 'most' => $names[0], 'photo' => $odd[0], 'other' => $names[1],
        ]));
    }

    private static function isOnItsSide(string $path): bool
    {
        $exif = @exif_read_data($path, 'IFD0');
        $orientation = is_array($exif) ? $exif['Orientation'] ?? 1 : 1;

        return is_int($orientation) && $orientation >= 5 && $orientation <= 8;
    }

    private static function wrong(Text|string $says): InvalidInput
    {
        return new InvalidInput([new Problem('/photos', $says)]);
    }

    private static function unlessMade(bool $isMade): void
    {
        if (!$isMade) {
            $isFull = str_contains(error_get_last()['message'] ?? '', 'No space left');
            throw $isFull ? new NoRoom(new Message('devices.film.disk_full')) : new Failure(new Message('devices.film.folder'));
        }
    }
}
