<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Devices\Processes\OwnFolder;
use RuntimeException;

/**
 * A short clip of small pictures, for looking at and nothing else.
 */
final class SmallFilm
{
    private const MOST_SECONDS = 60.0;

    /**
     * @param non-empty-list<string> $pictures JPEG, all of one size
     *
     * @return string MP4
     *
     * @throws RuntimeException in words
     */
    public static function of(array $pictures, float $framesPerSecond): string
    {
        $folder = new OwnFolder();
        foreach ($pictures as $n => $jpeg) {
            file_put_contents(sprintf('%s/%06d.jpg', $folder->path, $n + 1), $jpeg);
        }
        Ffmpeg::run([
            '-protocol_whitelist', 'file', '-f', 'image2', '-framerate', (string) $framesPerSecond, '-i', 'file:%06d.jpg',
            // Even numbers of pixels, which the codec asks for.
            '-vf', 'scale=trunc(iw/2)*2:trunc(ih/2)*2', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '20', '-pix_fmt', 'yuv420p',
            '-movflags', '+faststart', '-f', 'mp4', 'file:small.mp4',
        ], $folder->path, null, self::MOST_SECONDS);

        return (string) file_get_contents("{$folder->path}/small.mp4");
    }
}
