<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Export\Manifest;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Film\FilmWork;
use RuntimeException;

/**
 * Links to photos, or copies of them, under other names in a folder of their own, with a manifest that `sha256sum --check` reads. The folder is
 * there when all of it is.
 */
final class Numbered
{
    public const MANIFEST = 'SHA256SUMS';

    /**
     * @param array<string, string> $names  paths of photos, by the names that they are to have
     * @param string                $folder that is not there yet
     * @param ?callable(int): bool  $goesOn asked with how many are done: whether to go on
     *
     * @return ?Manifest null where it was not to go on
     *
     * @throws Failure in words
     */
    public static function make(array $names, string $folder, bool $areCopies, ?callable $goesOn = null): ?Manifest
    {
        $part = self::begin($folder);
        try {
            $sums = [];
            foreach ($names as $name => $path) {
                if ($goesOn !== null && !$goesOn(count($sums))) {
                    return null;
                }
                $isMade = $areCopies ? @copy($path, "{$part}/{$name}") : @symlink((string) realpath($path), "{$part}/{$name}");
                if ($isMade && $areCopies) {
                    touch("{$part}/{$name}", (int) filemtime($path));
                }
                $sum = FolderSums::sum("{$part}/{$name}");
                if (!$isMade || $sum === null || $areCopies && $sum !== FolderSums::sum($path)) {
                    $isFull = str_contains(error_get_last()['message'] ?? '', 'No space left');
                    $why = $isFull ? new Message('devices.photos.disk_full') : new Message('devices.photos.not_copied');
                    throw new Failure(new Message('devices.photos.not_brought', ['path' => basename($path), 'why' => $why]));
                }
                $sums[$name] = $sum;
            }
            $manifest = new Manifest($sums);
            if (@file_put_contents("{$part}/" . self::MANIFEST, $manifest->text()) === false || !@rename($part, $folder)) {
                throw new Failure(new Message('devices.photos.folder_locked', ['folder' => $folder]));
            }

            return $manifest;
        } finally {
            FilmWork::clear($part);
        }
    }

    /**
     * Files in a folder of their own, which is there when all of them are.
     *
     * @param iterable<string, string> $texts by name
     *
     * @throws Failure in words
     */
    public static function write(iterable $texts, string $folder): void
    {
        $part = self::begin($folder);
        try {
            foreach ($texts as $name => $text) {
                if (@file_put_contents("{$part}/{$name}", $text) !== strlen($text)) {
                    throw new Failure(new Message('devices.photos.folder_locked', ['folder' => $folder]));
                }
            }
            if (!@rename($part, $folder)) {
                throw new Failure(new Message('devices.photos.folder_locked', ['folder' => $folder]));
            }
        } finally {
            FilmWork::clear($part);
        }
    }

    /** @return string a folder beside it, to be filled first */
    private static function begin(string $folder): string
    {
        // By a name that nobody gives a folder of their own: what lies there is taken away.
        $part = dirname($folder) . '/.evrent-part-' . basename($folder);
        FilmWork::clear($part);
        if (file_exists($folder) || !@mkdir($part)) {
            throw new Failure(new Message('devices.photos.folder_exists', ['folder' => $folder]));
        }

        return $part;
    }
}
