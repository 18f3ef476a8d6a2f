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
        $seen = new RecursiveCallbackFilterIterator(
            new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            static fn (SplFileInfo $file): bool => !str_starts_with($file->getFilename(), '.'),
        );
        foreach (new RecursiveIteratorIterator($seen, RecursiveIteratorIterator::LEAVES_ONLY, RecursiveIteratorIterator::CATCH_GET_CHILD) as $file) {
            $sum = $file instanceof SplFileInfo && $file->isFile() ? hash_file('sha256', $file->getPathname()) : false;
            if ($file instanceof SplFileInfo && is_string($sum)) {
                $sums[substr($file->getPathname(), strlen(rtrim($folder, '/')) + 1)] = $sum;
            }
        }

        return new Manifest($sums);
    }
}
