<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\ReadOn;
use App\Models\CardReading;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * Reads photos of a folder, some at a time: what else waits in the queue comes between.
 */
final class ReadPhotos implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(public readonly int $readingId)
    {
    }

    public function handle(ReadOn $readOn): void
    {
        $reading = CardReading::query()->find($this->readingId);
        if ($reading !== null && $readOn($reading)) {
            self::dispatch($this->readingId);
        }
    }
}
