<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Models\Take;
use App\Models\TakeLine;
use App\Status\ReadingStatus;
use Evrent\Core\Format\MatchJson;
use Evrent\Core\Messages\Message;
use Evrent\Core\Photos\CardPhoto;
use Evrent\Core\Photos\ExposureStops;
use Evrent\Core\Photos\Matching;
use Evrent\Core\Photos\Placed;
use Evrent\Core\Photos\PlannedPhotos;
use Evrent\Core\Photos\Seen;
use Evrent\Core\Photos\SeriesOfTakes;
use Evrent\Core\Run\Take\LogLine;
use Evrent\Core\Run\Take\Status;
use Evrent\Core\Shot\Shot as PlannedShot;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;

/**
 * Works out which of the photos that were read is which of the plan's.
 */
final class MatchPhotos
{
    /** So many takes are looked through, the newest first. */
    private const TAKES = 60;

    /**
     * @return array{matched: string, sheet: string, exposures: string, placed: ?string} what is kept of it: evrent.match/1, what is drawn, what each
     *                                                                                   photo let in, and what was placed by hand
     */
    public function __invoke(CardReading $reading, ?Placed $placed = null): array
    {
        $shot = PlannedShot::of($reading->revision->toPlan());
        $planned = PlannedPhotos::of($shot);
        $take = $reading->take;
        if ($take !== null) {
            $lines = $take->lines()->get()->map(static fn (TakeLine $line): LogLine => $line->read())->all();
            $planned = PlannedPhotos::ofLog($shot, (float) ($take->begun_at ?? $take->created_at)->format('U.u'), array_values($lines));
        }
        $photos = $reading->photos();
        $matching = Matching::of($planned, $photos, $placed);
        $skipped = array_map(static fn (string $file): array => ['file' => $file, 'why' => new Message('photos.unread.no_photo')], $reading->others);
        $unread = array_map(
            static fn (string $file, mixed $why): array => ['file' => $file, 'why' => Message::kept($why)],
            array_keys($reading->unread),
            $reading->unread,
        );
        $seen = Seen::of($shot, $matching, $reading->names, $reading->lumas, $reading->shifts, $reading->torn);

        return [
            'matched' => MatchJson::encode(MatchJson::of(
                $matching,
                [...$unread, ...$photos->skipped, ...$skipped],
                $seen->measured,
                $seen->findings,
                $seen->spoilt,
                self::takes(),
            )),
            'sheet' => $seen->sheet->toJson(),
            'exposures' => json_encode((object) ExposureStops::of($photos, array_filter($matching->files(), is_string(...))), JSON_THROW_ON_ERROR),
            'placed' => $placed === null ? null : json_encode($placed, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ];
    }

    /**
     * Files that the logs of the latest takes name, whatever shot they are of: what else is on the card is probably theirs.
     *
     * @return array<string, array<int, ?float>> when the camera said that each was taken, by its folder and name and by take
     */
    private static function takes(): array
    {
        $takes = [];
        $latest = Take::query()->where('status', Status::Ended)->latest('id')->limit(self::TAKES)->pluck('id')->all();
        $lines = TakeLine::query()->whereIn('take_id', $latest)->whereIn('kind', ['confirmed', 'outcome'])->where('more->object', '!=', '');
        foreach ($lines->cursor() as $line) {
            $told = $line->read();
            $takes[SeriesOfTakes::key((string) $told->text('object'))][$line->take_id] = $told->number('camera_s');
        }

        return $takes;
    }

    /**
     * Somebody knows one of the photos: the rest follows.
     *
     * @throws InvalidInput by /file, /number
     */
    public function place(CardReading $reading, string $file, string $number): void
    {
        $found = array_values(array_filter(
            iterator_to_array($reading->photos()->photos),
            static fn (CardPhoto $photo): bool => $photo->file === $file || basename($photo->file) === $file,
        ));
        if ($file === '' || $found === []) {
            throw new InvalidInput([new Problem('/file', new Message('app.match_photos.file'))]);
        }
        $count = $reading->revision->toPlan()->photosTotal();
        $place = filter_var(trim($number), FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => $count]]);
        if ($place === false) {
            throw new InvalidInput([new Problem('/number', new Message('app.match_photos.number', ['count' => $count]))]);
        }
        CardReading::query()->whereKey($reading->id)->where('status', ReadingStatus::Done)->update($this($reading, new Placed($found[0]->file, $place)));
    }

    /** What was placed by hand goes back to where it was found. */
    public function takeBack(CardReading $reading): void
    {
        CardReading::query()->whereKey($reading->id)->where('status', ReadingStatus::Done)->update($this($reading));
    }
}
