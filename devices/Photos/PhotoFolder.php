<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Words\FileName;
use FilesystemIterator;
use RecursiveCallbackFilterIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;
use SplFileInfo;
use UnexpectedValueException;

/**
 * A folder of photos on this machine. It is read, and nothing in it is ever written.
 */
final class PhotoFolder
{
    public const MOST_FILES = 50_000;
    private const DEEPEST = 8;

    /** Files that are no photos are only named. */
    private const MOST_NAMED = 1_000;

    /** What cameras write: pictures that anything shows, and raw files of any make. */
    private const ENDINGS = [
        'jpg', 'jpeg', 'hif', 'heif', 'heic', 'tif', 'tiff', 'png', 'dng', 'raw', 'arw', 'cr2', 'cr3', 'crw', 'nef', 'nrw', 'orf', 'pef', 'raf', 'rw2', 'srw',
        'x3f', '3fr', 'iiq', 'erf', 'mef', 'mos', 'mrw', 'rwl', 'sr2', 'srf', 'gpr',
    ];

    /**
     * Whether a folder lies in one of those that may be read, links followed.
     *
     * @param list<string> $allowed
     */
    public static function isWithin(string $folder, array $allowed): bool
    {
        $real = realpath($folder);
        foreach ($allowed as $root) {
            $root = realpath($root);
            if ($real !== false && $root !== false && ($real === $root || str_starts_with($real, rtrim($root, '/') . '/'))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array{photos: list<string>, others: list<string>, unnamed: list<string>} paths from the folder on, sorted; unnamed are those whose names
     *                                                                                  cannot be passed on, as they may be shown
     */
    public static function files(string $folder): array
    {
        $found = ['photos' => [], 'others' => [], 'unnamed' => []];
        if (!is_dir($folder) || !is_readable($folder)) {
            return $found;
        }
        $seen = new RecursiveCallbackFilterIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            static fn (SplFileInfo $file): bool => !str_starts_with($file->getFilename(), '.') && !$file->isLink(),
        );
        $all = new RecursiveIteratorIterator($seen, RecursiveIteratorIterator::LEAVES_ONLY, RecursiveIteratorIterator::CATCH_GET_CHILD);
        $all->setMaxDepth(self::DEEPEST);
        try {
            foreach ($all as $file) {
                if (!$file instanceof SplFileInfo || !$file->isFile() || count($found['photos']) >= self::MOST_FILES) {
                    continue;
                }
                $path = substr($file->getPathname(), strlen(rtrim($folder, '/')) + 1);
                $isPhoto = in_array(strtolower($file->getExtension()), self::ENDINGS, true);
                $kind = $isPhoto ? 'photos' : 'others';
                if (!FileName::isPlain($path)) {
                    [$kind, $path] = ['unnamed', FileName::shown($path)];
                }
                if ($kind === 'photos' || count($found[$kind]) < self::MOST_NAMED) {
                    $found[$kind][] = $path;
                }
            }
        } catch (UnexpectedValueException | RuntimeException) {
            // A folder that went away half-way has what was found of it.
        }

        return array_map(static function (array $paths): array {
            sort($paths, SORT_STRING);

            return $paths;
        }, $found);
    }

    /**
     * Whether a card is still there: its folder is, and of some of its files any.
     *
     * @param list<string> $files paths from the folder on
     */
    public static function isThere(string $folder, array $files): bool
    {
        clearstatcache();
        foreach ($files as $file) {
            if (is_file("{$folder}/{$file}")) {
                return true;
            }
        }

        return $files === [] && is_dir($folder);
    }
}
