<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\MakeClipFilm;
use App\Models\Film;
use App\Status\FilmStatus;
use Evrent\Devices\Processes\NoRoom;
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

    private const AGAIN_SECONDS = 10;

    /** A disk that is full is waited for; what breaks off three times is not. */
    public int $tries = 0;
    public int $maxExceptions = 3;
    public int $timeout = 0;

    public function __construct(public readonly int $filmId)
    {
        $this->onQueue(self::LONG);
    }

    public function handle(MakeClipFilm $make): void
    {
        $film = Film::query()->find($this->filmId);
        if ($film === null) {
            return;
        }
        try {
            $make($film);
        } catch (NoRoom) {
            $this->release(self::AGAIN_SECONDS);
        }
    }

    public function failed(?Throwable $failure): void
    {
        Film::query()->whereKey($this->filmId)->whereIn('status', FilmStatus::open())
            ->update(['status' => FilmStatus::Failed, 'trouble' => MakeClipFilm::GIVEN_UP, 'ended_at' => now()]);
    }
}
