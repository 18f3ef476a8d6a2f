<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\MakeFilm;
use App\Models\Film;
use App\Models\Shot;
use App\Pages\ClipPage;
use App\Status\FilmStatus;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Illuminate\Support\Facades\DB;

/**
 * Has the clip of a shot made as its list stands, or ends that.
 */
final class OrderFilm
{
    /**
     * @param bool $anyway whether it was read that many photos are missing
     *
     * @throws InvalidInput by /photos, /crop_width, /end_width, /in
     */
    public function __invoke(Shot $shot, bool $anyway = false): Film
    {
        return DB::connection()->transaction(static function () use ($shot, $anyway): Film {
            $locked = Shot::query()->lockForUpdate()->findOrFail($shot->id);
            $page = new ClipPage($locked);
            if ($page->card === null) {
                throw new InvalidInput([new Problem('/photos', new Message('app.order_film.none'))]);
            }
            $frames = $page->frames();
            if ($page->card->trouble() !== '') {
                throw new InvalidInput([new Problem('/photos', $page->card->trouble())]);
            }
            $patchy = $anyway ? null : $page->patchy();
            if ($patchy !== null) {
                throw new InvalidInput([new Problem('/photos', $patchy)]);
            }
            $size = $page->checkedSize();
            $list = ClipJson::write($page->clip);
            // Ordered twice it is made once.
            $same = Film::query()->where('card_reading_id', $page->card->reading->id)->where('list', $list)
                ->whereIn('status', FilmStatus::open())->first();
            if ($same !== null) {
                return $same;
            }
            $film = Film::query()->create([
                'shot_id' => $shot->id, 'card_reading_id' => $page->card->reading->id, 'list' => $list, 'frames' => count($frames->frames),
                'width' => $size->width, 'height' => $size->height,
            ]);
            MakeFilm::dispatch($film->id)->afterCommit();

            return $film;
        });
    }

    public function stop(Film $film): void
    {
        Film::query()->whereKey($film->id)->whereIn('status', FilmStatus::open())->update(['status' => FilmStatus::Stopped, 'ended_at' => now()]);
    }

    /** A film that nobody wants any more; its list can be made again. */
    public function throwAway(Film $film): void
    {
        $film->delete();
        if ($film->file !== '' && is_file($film->path())) {
            unlink($film->path());
        }
    }
}
