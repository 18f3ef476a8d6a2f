<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\ReadPhotos;
use App\Models\CardReading;
use App\Models\Shot;
use App\Models\Take;
use App\Pages\Settings;
use App\Status\ReadingStatus;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Has the photos in a folder read, or ends that.
 */
final class ReadCard
{
    public function __construct(private readonly ClearUploads $clear)
    {
    }

    /**
     * @param ?Take $take that they are of; null where nobody said
     *
     * @throws InvalidInput by /folder
     */
    public function __invoke(Shot $shot, string $folder, ?Take $take): CardReading
    {
        $allowed = Settings::kept()->photoFolders();
        if ($folder === '' || $folder[0] !== '/') {
            throw new InvalidInput([new Problem('/folder', new Message('app.read_card.path'))]);
        }
        if (preg_match('/\.(?:zip|rar|7z|tar|gz)$/i', $folder) === 1) {
            throw new InvalidInput([new Problem('/folder', new Message('app.read_card.archive'))]);
        }
        if (!Settings::kept()->mayRead($folder)) {
            throw new InvalidInput([new Problem('/folder', $allowed === []
                ? new Message('app.read_card.none_allowed')
                : new Message('app.read_card.outside', ['x' => implode(', ', $allowed)]))]);
        }

        return DB::connection()->transaction(static function () use ($shot, $folder, $take): CardReading {
            Shot::query()->lockForUpdate()->findOrFail($shot->id);
            // One that waits for a card that is gone stands in nobody's way.
            CardReading::query()->where('shot_id', $shot->id)->where('status', ReadingStatus::Away)
                ->update(['status' => ReadingStatus::Stopped, 'ended_at' => now()]);
            $running = CardReading::query()->where('shot_id', $shot->id)
                ->whereIn('status', [ReadingStatus::Waiting, ReadingStatus::Reading])->first();
            if ($running !== null) {
                return $running;
            }
            $reading = CardReading::query()->create([
                'shot_id' => $shot->id, 'plan_revision_id' => $take->plan_revision_id ?? $shot->current_revision_id, 'take_id' => $take?->id,
                'folder' => (string) realpath($folder), 'status' => ReadingStatus::Waiting,
            ]);
            ReadPhotos::dispatch($reading->id)->afterCommit();

            return $reading;
        });
    }

    public function stop(CardReading $reading): void
    {
        $changes = ['status' => ReadingStatus::Stopped, 'ended_at' => now()];
        CardReading::query()->whereKey($reading->id)->whereIn('status', ReadingStatus::open())->update($changes);
        ($this->clear)();
    }

    /** Somebody put the card back, or thinks so. */
    public function tryAgain(CardReading $reading): void
    {
        if ($reading->status === ReadingStatus::Away || $reading->status === ReadingStatus::Failed) {
            CardReading::query()->whereKey($reading->id)->where('status', ReadingStatus::Failed)
                ->update(['status' => ReadingStatus::Waiting, 'trouble' => '', 'ended_at' => null]);
            ReadPhotos::dispatch($reading->id);
        }
    }
}
