<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\WorkInFolder;
use App\Models\CardReading;
use App\Models\FolderWork;
use App\Pages\Settings;
use App\Status\FolderWorkStatus;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Photos\PhotoFolder;
use Illuminate\Support\Facades\DB;

/**
 * Has a copy of a card's photos checked, or numbered links or copies of them made, or ends that.
 */
final class OrderFolderWork
{
    /**
     * @param string $kind check, links or copies
     *
     * @throws InvalidInput by /kind, /folder
     */
    public function __invoke(CardReading $reading, string $kind, string $folder): FolderWork
    {
        if (!in_array($kind, ['check', 'links', 'copies'], true)) {
            throw self::wrong('/kind', new Message('app.folder_work.kind'));
        }
        if ($folder === '' || $folder[0] !== '/') {
            throw self::wrong('/folder', new Message('app.folder_work.path'));
        }
        if ($reading->isOfHeads()) {
            throw self::wrong('/folder', new Message('app.folder_work.heads'));
        }
        $allowed = Settings::kept()->photoFolders();
        if (!Settings::kept()->mayRead($reading->folder)) {
            throw self::wrong('/folder', new Message('app.folder_work.own_folder', ['folder' => $reading->folder]));
        }
        $kind === 'check' ? self::checkCopy($reading, $folder, $allowed) : self::checkNew($folder, $allowed);

        return DB::connection()->transaction(static function () use ($reading, $kind, $folder): FolderWork {
            CardReading::query()->lockForUpdate()->findOrFail($reading->id);
            // Ordered twice it is done once.
            $running = FolderWork::query()->where('card_reading_id', $reading->id)->where('kind', $kind)->whereIn('status', FolderWorkStatus::open())->first();
            if ($running !== null) {
                return $running;
            }
            $real = realpath($folder);
            $path = $real === false ? rtrim($folder, "/") : $real;
            $work = FolderWork::query()->create(['card_reading_id' => $reading->id, 'kind' => $kind, 'folder' => $path]);
            WorkInFolder::dispatch($work->id)->afterCommit();

            return $work;
        });
    }

    public function stop(FolderWork $work): void
    {
        FolderWork::query()->whereKey($work->id)->whereIn('status', FolderWorkStatus::open())
            ->update(['status' => FolderWorkStatus::Stopped, 'ended_at' => now()]);
    }

    /**
     * @param list<string> $allowed
     */
    private static function checkCopy(CardReading $reading, string $folder, array $allowed): void
    {
        if (!is_dir($folder) || !Settings::kept()->mayRead($folder)) {
            throw self::wrong('/folder', new Message('app.folder_work.outside', ['x' => implode(', ', $allowed)]));
        }
        if (PhotoFolder::isWithin($folder, [$reading->folder]) || PhotoFolder::isWithin($reading->folder, [$folder])) {
            throw self::wrong('/folder', new Message('app.folder_work.same'));
        }
    }

    /**
     * @param list<string> $allowed
     */
    private static function checkNew(string $folder, array $allowed): void
    {
        if (file_exists($folder)) {
            throw self::wrong('/folder', new Message('app.folder_work.exists'));
        }
        $parent = dirname($folder);
        if (!is_dir($parent) || !Settings::kept()->mayRead($parent)) {
            throw self::wrong('/folder', new Message('app.folder_work.outside', ['x' => implode(', ', $allowed)]));
        }
        if (!is_writable($parent)) {
            throw self::wrong('/folder', new Message('app.folder_work.locked', ['parent' => $parent]));
        }
    }

    private static function wrong(string $pointer, Text|string $says): InvalidInput
    {
        return new InvalidInput([new Problem($pointer, $says)]);
    }
}
