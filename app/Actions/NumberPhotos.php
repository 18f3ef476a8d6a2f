<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\FolderWork;
use App\Pages\ClipPhotos;
use App\Status\FolderWorkStatus;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Devices\Photos\Numbered;

/**
 * Makes links to a card's photos, or copies of them, that are named by the plan's numbers, with a manifest of checksums.
 */
final class NumberPhotos
{
    /**
     * @return array<string, mixed> how it ended
     */
    public function __invoke(FolderWork $work): array
    {
        $card = new ClipPhotos($work->reading);
        if (!$card->mayBeRead()) {
            return ['status' => FolderWorkStatus::Failed, 'trouble' => $card->trouble()];
        }
        $material = $card->material();
        $names = [];
        foreach ($card->paths as $number => $path) {
            $names[$material->linkName($number)] = $path;
        }
        FolderWork::query()->whereKey($work->id)->update(['files' => count($names)]);
        $goesOn = static fn (int $done): bool => FolderWork::query()->whereKey($work->id)->where('status', FolderWorkStatus::Working)
            ->update(['done' => $done]) > 0;
        try {
            $manifest = Numbered::make($names, $work->folder, $work->kind === 'copies', $goesOn);
        } catch (Failure $failure) {
            return ['status' => FolderWorkStatus::Failed, 'trouble' => Message::toStore($failure->says)];
        }

        return $manifest === null ? ['status' => FolderWorkStatus::Stopped] : ['status' => FolderWorkStatus::Done, 'manifest' => $manifest->text()];
    }
}
