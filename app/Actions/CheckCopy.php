<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FolderWork;
use App\Status\FolderWorkStatus;
use Evrent\Core\Messages\Message;
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
        $goesOn = static fn (int $done, int $files): bool => FolderWork::query()->whereKey($work->id)->where('status', FolderWorkStatus::Working)
            ->update(['done' => $done, 'files' => $files]) > 0;
        [$manifest, $copy] = FolderSums::ofBoth($work->reading->folder, $work->folder, $goesOn) ?? [null, null];
        if ($manifest === null || $copy === null) {
            return ['status' => FolderWorkStatus::Stopped];
        }
        $gone = array_diff($work->reading->names, array_map(strval(...), array_keys($manifest->sums)));
        if ($gone !== []) {
            return ['status' => FolderWorkStatus::Failed, 'trouble' => Message::toStore(new Message('app.check_copy.gone', ['gone' => reset($gone)]))];
        }
        $lacked = $manifest->lackedBy($copy);
        $named = static fn (array $paths): string => json_encode(array_slice($paths, 0, self::MOST_NAMED), JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);

        return [
            'status' => FolderWorkStatus::Done, 'manifest' => $manifest->text(),
            'missing' => $named($lacked['missing']), 'changed' => $named($lacked['changed']),
        ];
    }
}
