<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\CheckCopy;
use App\Actions\NumberPhotos;
use App\Models\FolderWork;
use App\Status\FolderWorkStatus;
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
        FolderWork::query()->whereKey($work->id)->update(['status' => FolderWorkStatus::Working, 'done' => 0, 'begun_at' => now()]);
        $how = $work->kind === 'check' ? $check($work->refresh()) : $number($work->refresh());
        FolderWork::query()->whereKey($work->id)->where('status', FolderWorkStatus::Working)
            ->update([...$how, 'ended_at' => now(), ...($how['status'] === FolderWorkStatus::Done ? ['done' => DB::raw('files')] : [])]);
    }

    public function failed(?Throwable $failure): void
    {
        FolderWork::query()->whereKey($this->workId)->whereIn('status', FolderWorkStatus::open())
            ->update(['status' => FolderWorkStatus::Failed, 'trouble' => Message::toStore(new Message('clip.work.folder_given_up')), 'ended_at' => now()]);
    }
}
