<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\MakeClipFilm;
use App\Models\Film;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/**
 * Makes a clip. It takes as long as it takes, so it waits in a queue with a worker of its own; after a crash it is begun again from nothing.
 */
final class MakeFilm implements ShouldQueue
{
    use Queueable;

    /** The queue of what takes long. */
    public const LONG = 'long';

    public int $tries = 3;
    public int $timeout = 0;

    public function __construct(public readonly int $filmId)
    {
        $this->onQueue(self::LONG);
    }

    public function handle(MakeClipFilm $make): void
    {
        $film = Film::query()->find($this->filmId);
        if ($film !== null) {
            $make($film);
        }
    }

    public function failed(?Throwable $failure): void
    {
        $says = 'It was broken off three times. Make it again; if it stays so, details are in Evrent’s log.';
        Film::query()->whereKey($this->filmId)->whereIn('status', ['waiting', 'making'])
            ->update(['status' => 'failed', 'trouble' => $says, 'ended_at' => now()]);
    }
}
