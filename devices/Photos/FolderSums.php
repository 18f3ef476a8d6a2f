<?php

declare(strict_types=1);

namespace Evrent\Devices\Photos;

use Evrent\Core\Export\Manifest;
use FilesystemIterator;
use RecursiveCallbackFilterIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * Checksums of all that lies in a folder; nothing in it is changed.
 */
final class FolderSums
{
    public static function of(string $folder): Manifest
    {
        $sums = [];
        foreach (self::files($folder) as $path) {
            $sum = self::sum("{$folder}/{$path}");
            $sums += $sum === null ? [] : [$path => $sum];
        }

        return new Manifest($sums);
    }

    /** @return ?string SHA-256 in small hexadecimal digits; null where it cannot be read */
    public static function sum(string $path): ?string
    {
        $sum = is_file($path) ? @hash_file('sha256', $path) : false;

        return is_string($sum) ? $sum : null;
    }

    /** @return list<string> paths from the folder on, of all files but hidden ones */
    public static function files(string $folder): array
    {
        $files = [];
        $seen = new RecursiveCallbackFilterIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            static fn (SplFileInfo $file): bool => !str_starts_with($file->getFilename(), '.'),
        );
        foreach (new RecursiveIteratorIterator($seen, RecursiveIteratorIterator::LEAVES_ONLY, RecursiveIteratorIterator::CATCH_GET_CHILD) as $file) {
            if ($file instanceof SplFileInfo && $file->isFile()) {
                $files[] = substr($file->getPathname(), strlen(rtrim($folder, '/')) + 1);
            }
        }
        sort($files, SORT_STRING);

        return $files;
    }
}
