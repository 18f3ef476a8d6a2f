<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ReadOn;
use App\Models\CardReading;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Reads photos of a folder, some at a time: what else waits in the queue comes between.
 */
final class ReadPhotos implements ShouldQueue
{
    use Queueable;

    private const AGAIN_SECONDS = 3;

    public int $tries = 5;

    public function __construct(public readonly int $readingId)
    {
    }

    public function handle(ReadOn $readOn): void
    {
        $reading = CardReading::query()->find($this->readingId);
        if ($reading === null) {
            return;
        }
        if ($readOn($reading)) {
            self::dispatch($this->readingId);
        } elseif ($reading->status === 'away' && config('queue.default') !== 'sync') {
            // Nobody may be looking: it goes on by itself when the card is back.
            self::dispatch($this->readingId)->delay(self::AGAIN_SECONDS);
        }
    }

    public function failed(?Throwable $failure): void
    {
        $says = 'It was broken off five times. Read them once more; if it stays so, details are in Evrent’s log.';
        CardReading::query()->whereKey($this->readingId)->whereIn('status', CardReading::OPEN)
            ->update(['status' => 'failed', 'trouble' => $says, 'ended_at' => now()]);
    }
}
