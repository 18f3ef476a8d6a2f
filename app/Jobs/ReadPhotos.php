<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ReadOn;
use App\Models\CardReading;
use App\Status\ReadingStatus;
use Evrent\Core\Messages\Message;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Reads photos of a folder, some at a time: what else waits in the queue comes between.
 */
final class ReadPhotos implements ShouldQueue
{
    use Queueable;

    private const AGAIN_SECONDS = 3;

    /** SQLSTATE class of a server that has no room. */
    private const NO_ROOM = '53';

    /** A database without room is no fault of the photos: it is asked again. What breaks off five times is. */
    public int $tries = 0;
    public int $maxExceptions = 5;

    /** Files over which exiftool breaks off are found by halves, which takes its time. */
    public int $timeout = 600;
    public bool $failOnTimeout = true;

    public function __construct(public readonly int $readingId)
    {
    }

    public function handle(ReadOn $readOn): void
    {
        $reading = CardReading::query()->find($this->readingId);
        if ($reading === null) {
            return;
        }
        try {
            $isMore = $readOn($reading);
        } catch (QueryException $full) {
            if (!str_starts_with((string) $full->getCode(), self::NO_ROOM)) {
                throw $full;
            }
            $this->release(self::AGAIN_SECONDS);

            return;
        }
        if ($isMore) {
            self::dispatch($this->readingId);
        } elseif ($reading->status === ReadingStatus::Away && config('queue.default') !== 'sync') {
            // Nobody may be looking: it goes on by itself when the card is back.
            self::dispatch($this->readingId)->delay(self::AGAIN_SECONDS);
        }
    }

    public function failed(?Throwable $failure): void
    {
        CardReading::query()->whereKey($this->readingId)->whereIn('status', ReadingStatus::open())
            ->update(['status' => ReadingStatus::Failed, 'trouble' => Message::toStore(new Message('photos.reading.given_up')), 'ended_at' => now()]);
    }
}
