<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use FilesystemIterator;
use RecursiveCallbackFilterIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use UnexpectedValueException;

/**
 * A folder of photos on this machine. It is read, and nothing in it is ever written.
 */
final class PhotoFolder
{
    public const MOST_FILES = 50_000;
    private const DEEPEST = 8;

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
     * @return array{photos: list<string>, others: list<string>} paths from the folder on, sorted
     */
    public static function files(string $folder): array
    {
        $found = ['photos' => [], 'others' => []];
        if (!is_dir($folder)) {
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
                if ($file instanceof SplFileInfo && $file->isFile() && count($found['photos']) < self::MOST_FILES) {
                    $isPhoto = in_array(strtolower($file->getExtension()), self::ENDINGS, true);
                    $found[$isPhoto ? 'photos' : 'others'][] = substr($file->getPathname(), strlen(rtrim($folder, '/')) + 1);
                }
            }
        } catch (UnexpectedValueException) {
            // A folder that went away half-way has what was found of it.
        }
        sort($found['photos']);
        sort($found['others']);

        return $found;
    }
}
