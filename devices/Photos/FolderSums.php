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
    /** Of what can be read. */
    public static function of(string $folder): Manifest
    {
        return self::watched($folder, static fn (int $done): bool => true) ?? new Manifest([]);
    }

    /**
     * @param callable(int): bool $goesOn asked with how many are done: whether to go on
     *
     * @return ?Manifest of what can be read; null where it was not to go on
     */
    private static function watched(string $folder, callable $goesOn): ?Manifest
    {
        $sums = [];
        foreach (self::files($folder) as $n => $path) {
            if (!$goesOn($n)) {
                return null;
            }
            $sum = self::sum("{$folder}/{$path}");
            $sums += $sum === null ? [] : [$path => $sum];
        }

        return new Manifest($sums);
    }

    /**
     * A folder, and a copy of it.
     *
     * @param callable(int, int): bool $goesOn asked with how many files of both are done, and how many there are: whether to go on
     *
     * @return ?array{Manifest, Manifest} null where it was not to go on
     */
    public static function ofBoth(string $folder, string $copy, callable $goesOn): ?array
    {
        $first = count(self::files($folder));
        $all = $first + count(self::files($copy));
        $of = self::watched($folder, static fn (int $done): bool => $goesOn($done, $all));
        $other = $of === null ? null : self::watched($copy, static fn (int $done): bool => $goesOn($first + $done, $all));

        return $of === null || $other === null ? null : [$of, $other];
    }

    /** @return ?string SHA-256 in small hexadecimal digits; null where it cannot be read */
    public static function sum(string $path): ?string
    {
        $sum = is_file($path) ? @hash_file('sha256', $path) : false;

        return is_string($sum) ? $sum : null;
    }

    /** @return list<string> paths from the folder on, of all files but hidden ones; links are followed where they stay in it */
    public static function files(string $folder): array
    {
        $files = [];
        if (!is_dir($folder)) {
            return [];
        }
        $seen = new RecursiveCallbackFilterIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            static fn (SplFileInfo $file): bool => !str_starts_with($file->getFilename(), '.') && !($file->isLink() && $file->isDir()),
        );
        foreach (new RecursiveIteratorIterator($seen, RecursiveIteratorIterator::LEAVES_ONLY, RecursiveIteratorIterator::CATCH_GET_CHILD) as $file) {
            if ($file instanceof SplFileInfo && $file->isFile() && (!$file->isLink() || PhotoFolder::isWithin($file->getPathname(), [$folder]))) {
                $files[] = substr($file->getPathname(), strlen(rtrim($folder, '/')) + 1);
            }
        }
        sort($files, SORT_STRING);

        return $files;
    }
}
