<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Film;
use App\Pages\ClipPhotos;
use App\Pages\FileNames;
use App\Status\FilmStatus;
use ErrorException;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\Film as FilmOf;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Film\Interrupted;
use Evrent\Devices\Processes\NoRoom;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Makes the film of a list, in a folder of its own until it is whole. Whatever ends it, nothing half-made is left behind.
 */
final class MakeClipFilm
{
    public const GIVEN_UP = '{"key":"clip.work.given_up"}';
    private const MOST_BEGUN = 3;

    public function __construct(private readonly ClearFilms $clear)
    {
    }

    public function __invoke(Film $film): void
    {
        ($this->clear)();
        $work = Film::folder() . "/.making-{$film->id}";
        FilmWork::clear($work);
        $isWanted = Film::query()->whereKey($film->id)->whereIn('status', FilmStatus::open())
            ->update(['status' => FilmStatus::Making, 'done' => 0, 'trouble' => '', 'begun_at' => now(), 'begun' => DB::raw('begun + 1')]);
        if ($isWanted === 0) {
            return;
        }
        if ($film->refresh()->begun > self::MOST_BEGUN) {
            $this->end($film, ['status' => FilmStatus::Failed, 'trouble' => self::GIVEN_UP]);

            return;
        }
        try {
            is_dir($work) || mkdir($work, 0o700, true);
            $this->make($film, $work);
        } catch (Interrupted $ended) {
            // The queue begins it again.
            throw $ended;
        } catch (InvalidInput $invalid) {
            $this->end($film, ['status' => FilmStatus::Failed, 'trouble' => Message::toStore($invalid->problems[0]->message)]);
        } catch (Failure | ErrorException $failure) {
            if ($failure instanceof NoRoom || str_contains($failure->getMessage(), 'No space left')) {
                $says = Message::toStore(new Message('clip.work.disk_full'));
                Film::query()->whereKey($film->id)->where('status', FilmStatus::Making)
                    ->update(['status' => FilmStatus::Waiting, 'done' => 0, 'begun' => DB::raw('begun - 1'), 'trouble' => $says]);
                throw new NoRoom();
            }
            $why = $failure instanceof Failure ? Message::toStore($failure->says) : mb_substr($failure->getMessage(), 0, 500);
            $this->end($film, ['status' => FilmStatus::Failed, 'trouble' => $why]);
        } finally {
            FilmWork::clear($work);
        }
    }

    private function make(Film $film, string $work): void
    {
        $card = new ClipPhotos($film->reading);
        if ($card->trouble() !== '') {
            throw new InvalidInput([new Problem('/photos', $card->trouble())]);
        }
        $clip = $film->clip();
        $material = $card->material();
        $frames = Frames::of($clip, $material->photos(), $material->unfit());
        $making = new FilmWork($frames, $card->paths);
        [$width, $height] = $making->size();
        $of = new FilmOf($frames, $width, $height, $clip->isDeflickered ? $card->offsetsShown() : []);
        // Marks may have changed since it was ordered: what is told is what is made.
        $film->update(['frames' => count($frames->frames), 'width' => $of->width, 'height' => $of->height]);
        $made = $making->make($of, $work, $this->goesOn($film));
        if ($made === null) {
            return;
        }
        $name = pathinfo(FileNames::of($card->plan(), $clip->codec->ending()), PATHINFO_FILENAME) . "-{$film->id}.{$clip->codec->ending()}";
        $sum = (string) hash_file('sha256', $made);
        $bytes = (int) filesize($made);
        rename($made, Film::folder() . "/{$name}");
        $isKept = $this->end($film, ['status' => FilmStatus::Done, 'done' => $film->frames, 'file' => $name, 'bytes' => $bytes, 'sha256' => $sum]);
        if (!$isKept) {
            // Cancelled in its last moment.
            unlink(Film::folder() . "/{$name}");
        }
    }

    /**
     * @return callable(int): bool
     */
    private function goesOn(Film $film): callable
    {
        return static fn (int $done): bool => Film::query()->whereKey($film->id)->where('status', FilmStatus::Making)->update(['done' => $done]) > 0;
    }

    /**
     * @param array<string, mixed> $how
     */
    private function end(Film $film, array $how): bool
    {
        return Film::query()->whereKey($film->id)->where('status', FilmStatus::Making)->update([...$how, 'ended_at' => now()]) > 0;
    }
}
