<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FolderWork;
use Evrent\Core\Export\Manifest;
use Evrent\Devices\Photos\FolderSums;

/**
 * Holds the photos of a card against a copy of them, byte by byte. Both are only read.
 */
final class CheckCopy
{
    private const MOST_NAMED = 1_000;

    /**
     * @return array<string, mixed> how it ended
     */
    public function __invoke(FolderWork $work): array
    {
        $source = FolderSums::files($work->reading->folder);
        $copy = is_dir($work->folder) ? FolderSums::files($work->folder) : [];
        FolderWork::query()->whereKey($work->id)->update(['files' => count([...$source, ...$copy])]);
        $sums = [[], []];
        $done = 0;
        foreach ([[$work->reading->folder, $source], [$work->folder, $copy]] as $which => [$folder, $files]) {
            foreach ($files as $path) {
                $sum = FolderSums::sum("{$folder}/{$path}");
                if ($sum === null && $which === 0) {
                    return ['status' => 'failed', 'trouble' => "{$path} cannot be read where it was. Put the card back, and check again."];
                }
                $sums[$which] += $sum === null ? [] : [$path => $sum];
                $done++;
                if (FolderWork::query()->whereKey($work->id)->where('status', 'working')->update(['done' => $done]) === 0) {
                    return ['status' => 'stopped'];
                }
            }
        }
        $manifest = new Manifest($sums[0]);
        $lacked = $manifest->lackedBy(new Manifest($sums[1]));
        $named = static fn (array $paths): string => json_encode(array_slice($paths, 0, self::MOST_NAMED), JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);

        return [
            'status' => 'done', 'manifest' => $manifest->text(), 'missing' => $named($lacked['missing']), 'changed' => $named($lacked['changed']),
        ];
    }
}
