<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\CheckCopy;
use App\Actions\NumberPhotos;
use App\Models\FolderWork;
use Evrent\Core\Messages\Message;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Reads or writes all photos of a card once; after a crash it is begun again.
 */
final class WorkInFolder implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;
    public int $timeout = 0;

    public function __construct(public readonly int $workId)
    {
        $this->onQueue(MakeFilm::LONG);
    }

    public function handle(CheckCopy $check, NumberPhotos $number): void
    {
        $work = FolderWork::query()->find($this->workId);
        if ($work === null || $work->isOver()) {
            return;
        }
        FolderWork::query()->whereKey($work->id)->update(['status' => 'working', 'done' => 0, 'begun_at' => now()]);
        $how = $work->kind === 'check' ? $check($work->refresh()) : $number($work->refresh());
        FolderWork::query()->whereKey($work->id)->where('status', 'working')
            ->update([...$how, 'ended_at' => now(), ...($how['status'] === 'done' ? ['done' => DB::raw('files')] : [])]);
    }

    public function failed(?Throwable $failure): void
    {
        FolderWork::query()->whereKey($this->workId)->whereIn('status', ['waiting', 'working'])
            ->update(['status' => 'failed', 'trouble' => Message::toStore(new Message('clip.work.folder_given_up')), 'ended_at' => now()]);
    }
}
