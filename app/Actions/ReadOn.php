<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CardReading;
use App\Pages\Settings;
use App\Status\ReadingStatus;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Photos\Placed;
use Evrent\Core\Words\FileName;
use Evrent\Devices\Photos\Apart;
use Evrent\Devices\Photos\ExifTool;
use Evrent\Devices\Photos\PhotoFolder;
use Evrent\Devices\Processes\NoRoom;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Reads the next photos of a reading. What was read is kept with how far it is, so that whoever goes on after a crash goes on there.
 */
final class ReadOn
{
    /** So many that starting exiftool costs little, and so few that how far it is shows. */
    private const AT_ONCE = 400;

    /** After which it lets another reading have its turn. */
    private const MOST_SECONDS = 20.0;

    public function __construct(private readonly MatchPhotos $match, private readonly ClearUploads $clear)
    {
    }

    /** @return bool whether there is more to read */
    public function __invoke(CardReading $reading): bool
    {
        if ($reading->isOver()) {
            return false;
        }
        if (in_array($reading->status, [ReadingStatus::Waiting, ReadingStatus::Away], true)) {
            // What was sent lies here; of nothing there is not even a folder.
            if (!$reading->isOfHeads() && !PhotoFolder::isThere($reading->folder, array_slice($reading->names, $reading->done, self::AT_ONCE))) {
                return $this->away($reading);
            }
            // Pulled before it was listed, it is listed now.
            $reading->begun_at === null ? $this->begin($reading) : $this->change($reading, ['status' => ReadingStatus::Reading, 'trouble' => '']);
        }
        $names = array_slice($reading->names, $reading->done, self::AT_ONCE);
        if ($names === []) {
            return $this->end($reading);
        }
        if (!PhotoFolder::isThere($reading->folder, $names)) {
            return $this->away($reading);
        }
        $done = $reading->done;
        try {
            // Pictures are looked at while exiftool reads.
            $exif = ExifTool::begin($reading->folder, $names);
            $looked = Apart::look(
                $reading->folder,
                $reading->names,
                $done,
                count($names),
                !$reading->isOfHeads(),
                Settings::kept()->megapixels(),
                self::MOST_SECONDS,
                $exif->listen(...),
            );
            $names = array_slice($names, 0, $looked->count);
            $read = array_values(array_diff($names, array_keys($looked->unread)));
            $told = $exif->told($read);
        } catch (NoRoom $full) {
            return $this->away($reading, $full->says);
        } catch (Failure $failure) {
            $this->change($reading, ['status' => ReadingStatus::Failed, 'trouble' => Message::toStore($failure->says), 'ended_at' => now()]);

            return false;
        }
        // Pulled out meanwhile, what is missing is not missing on the card.
        if (!PhotoFolder::isThere($reading->folder, $names)) {
            return $this->away($reading);
        }
        // Only from where it was read: whoever was faster has these already.
        CardReading::query()->whereKey($reading->id)->where('done', $done)->where('status', ReadingStatus::Reading)->update([
            'told' => DB::raw('told || ' . DB::connection()->getPdo()->quote($told)),
            'lumas' => DB::raw('lumas || ' . self::quoted($looked->lumas)),
            'shifts' => DB::raw('shifts || ' . self::quoted($looked->shifts)),
            'torn' => DB::raw('torn || ' . self::quoted($looked->torn)),
            'unread' => DB::raw('unread || ' . self::quoted([...$looked->unread, ...$exif->left($read)])),
            'done' => count([...array_slice($reading->names, 0, $done), ...$names]),
        ]);
        $reading->refresh();

        return !$reading->isOver();
    }

    /** The card was pulled, or the disk is full: what was read stays, and the rest waits for it. */
    private function away(CardReading $reading, Text|string $why = ''): bool
    {
        $this->change($reading, ['status' => ReadingStatus::Away, 'trouble' => Message::toStore($why)]);

        return false;
    }

    /**
     * @param array<string, mixed> $by by path
     */
    private static function quoted(array $by): string
    {
        return DB::connection()->getPdo()->quote(json_encode((object) $by, JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR)) . '::jsonb';
    }

    private function begin(CardReading $reading): void
    {
        $files = PhotoFolder::files($reading->folder);
        $this->change($reading, [
            'status' => ReadingStatus::Reading, 'names' => json_encode($files['photos'], JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR),
            'others' => json_encode(array_slice($files['others'], 0, 1_000), JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR),
            'unread' => json_encode((object) array_fill_keys($files['unnamed'], FileName::whyNot()), JSON_THROW_ON_ERROR),
            'files' => count($files['photos']), 'begun_at' => now(),
        ]);
    }

    private function end(CardReading $reading): bool
    {
        $before = CardReading::query()->where('shot_id', $reading->shot_id)->where('take_id', $reading->take_id)->where('status', ReadingStatus::Done)
            ->latest('id')->first();
        $this->change($reading, ['status' => ReadingStatus::Done, 'ended_at' => now(), ...$this->carriedOn($reading, $before)]);
        ($this->clear)();

        return false;
    }

    /**
     * The same photos once more are the same: what somebody said of them stays said.
     *
     * @param ?CardReading $before as they were read the last time
     *
     * @return array<string, mixed> what is kept
     */
    private function carriedOn(CardReading $reading, ?CardReading $before): array
    {
        $placed = $before?->placed;
        $stays = $placed !== null && in_array($placed['file'], $reading->names, true);
        $kept = ($this->match)($reading, $stays ? new Placed($placed['file'], $placed['number']) : null);
        if ($before === null) {
            return $kept;
        }
        /** @var array{photos: array<int, ?string>} $was */
        $was = json_decode($before->matched ?? '{"photos":{}}', true, Message::DEPTH, JSON_THROW_ON_ERROR);
        /** @var array{photos: array<int, ?string>} $is */
        $is = json_decode($kept['matched'], true, Message::DEPTH, JSON_THROW_ON_ERROR);
        $marks = array_filter(
            $before->marks,
            static fn (int $number): bool => array_key_exists($number, $is['photos'])
                && basename($was['photos'][$number] ?? '') === basename($is['photos'][$number] ?? ''),
            ARRAY_FILTER_USE_KEY,
        );

        return [...$kept, 'marks' => json_encode((object) $marks, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'rating' => $before->rating];
    }

    /**
     * @param array<string, mixed> $changes
     */
    private function change(CardReading $reading, array $changes): void
    {
        CardReading::query()->whereKey($reading->id)
            ->whereIn('status', [ReadingStatus::Waiting, ReadingStatus::Reading, ReadingStatus::Away])->update($changes);
        $reading->refresh();
    }
}
