<?php

declare(strict_types=1);

namespace Evrent\Devices\Film;

use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Processes\OwnFolder;
use RuntimeException;

/**
 * Films one behind the other in one file, as they are: nothing is made anew, so they have to be of one size, rate and codec.
 */
final class JoinedFilm
{
    private const SECONDS = 15.0;

    /**
     * @param list<string> $films  whole paths, in order
     * @param string       $ending of the file's name, such as mp4
     *
     * @return string whole path of the file, which is the caller's to take away
     *
     * @throws Failure in words, when it failed
     */
    public static function of(array $films, string $ending): string
    {
        $own = new OwnFolder();
        // Names of our own: whatever a film is called, it is no word of the list.
        $list = implode('', array_map(static fn (string $film): string => "file {$own->link(basename($film), dirname($film))}\n", $films));
        file_put_contents("{$own->path}/list.txt", $list);
        $made = tempnam(sys_get_temp_dir(), 'evrent-film-');
        if ($made === false) {
            throw new Failure(new Message('devices.film.no_room'));
        }
        $arguments = ['-protocol_whitelist', 'file', '-f', 'concat', '-safe', '0', '-i', 'file:list.txt', '-c', 'copy', '-y', "file:joined.{$ending}"];
        if (!Ffmpeg::run($arguments, $own->path, null, self::SECONDS) || !rename("{$own->path}/joined.{$ending}", $made)) {
            throw new Failure(new Message('devices.film.not_joined'));
        }

        return $made;
    }
}
