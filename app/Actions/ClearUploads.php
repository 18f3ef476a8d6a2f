<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Status\ReadingStatus;
use Illuminate\Support\Facades\File;

/**
 * Heads of photos that a browser sent lie in folders of their own. Those that nobody can come to any more go: of a shot that is gone, of an
 * upload that was cancelled, or of photos that were sent once more.
 */
final class ClearUploads
{
    public function __invoke(): void
    {
        if (!is_dir(CardReading::uploads())) {
            return;
        }
        // Of each shot and take the latest that was read, and what is on its way.
        $latest = CardReading::query()->where('status', ReadingStatus::Done)->selectRaw('max(id) as latest')->groupBy('shot_id', 'take_id')
            ->pluck('latest')->all();
        $used = CardReading::query()->where('folder', 'like', CardReading::uploads() . '/%')
            ->where(static fn ($all) => $all->whereIn('id', $latest)->orWhereIn('status', ReadingStatus::open()))
            ->pluck('folder')->all();
        foreach (File::directories(CardReading::uploads()) as $folder) {
            if (is_string($folder) && !in_array($folder, $used, true)) {
                File::deleteDirectory($folder);
            }
        }
    }
}
