<?php

declare(strict_types=1);

namespace App\Actions;

use App\Jobs\ReadPhotos;
use App\Models\CardReading;
use App\Models\Shot;
use App\Models\Take;
use App\Status\ReadingStatus;
use Evrent\Core\Messages\Message;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Photos\PhotoFolder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\File\Exception\FileException;

/**
 * Takes the heads of photos that a browser sends: what a file says of itself, and the small picture that it keeps. They lie in a folder of
 * their own, and are read from there as a card is.
 */
final class TakeUpload
{
    /** As the file system has it. */
    private const MOST_NAME_BYTES = 255;
    private const MOST_PATH_BYTES = 1_000;

    /** @param ?Take $take that they are of; null where nobody said */
    public function begin(Shot $shot, ?Take $take): CardReading
    {
        return DB::connection()->transaction(static function () use ($shot, $take): CardReading {
            Shot::query()->lockForUpdate()->findOrFail($shot->id);
            // One that was broken off goes on.
            $open = CardReading::query()->where('shot_id', $shot->id)->where('status', ReadingStatus::Uploading)->where('take_id', $take?->id)->first();

            return $open ?? CardReading::query()->create([
                'shot_id' => $shot->id, 'plan_revision_id' => $take->plan_revision_id ?? $shot->current_revision_id, 'take_id' => $take?->id,
                'folder' => CardReading::uploads() . '/' . bin2hex(random_bytes(8)), 'status' => ReadingStatus::Uploading,
            ]);
        });
    }

    /**
     * @param array<array-key, mixed> $names paths as the browser has them, such as DCIM/100EVRNT/EVR_0001.JPG
     * @param array<array-key, mixed> $heads the beginnings of these files
     * @param array<array-key, mixed> $modified when each was last changed, seconds from 1970: a last resort for photos that say no time
     *
     * @throws InvalidInput
     */
    public function keep(CardReading $reading, array $names, array $heads, array $modified = []): void
    {
        if ($reading->status !== ReadingStatus::Uploading) {
            throw new InvalidInput([new Problem('/folder', new Message('app.upload.over'))]);
        }
        foreach ($heads as $i => $head) {
            $name = $names[$i] ?? null;
            if (!$head instanceof UploadedFile || !is_string($name) || !self::isSafe($name)) {
                throw new InvalidInput([new Problem('/folder', new Message('app.upload.name'))]);
            }
            $path = "{$reading->folder}/{$name}";
            if (!is_dir(dirname($path)) && !@mkdir(dirname($path), 0o700, true) && !is_dir(dirname($path))) {
                throw self::cannot($name);
            }
            // There whole or not at all: what is there is not sent again. As long as a name may be, there is none for a part of it.
            $part = dirname($path) . '/.part-' . bin2hex(random_bytes(8));
            try {
                $head->move(dirname($part), basename($part));
            } catch (FileException) {
                throw self::cannot($name);
            }
            if (is_string($modified[$i] ?? null) && ctype_digit($modified[$i])) {
                @touch($part, (int) $modified[$i]);
            }
            if (is_dir($path) || !@rename($part, $path)) {
                @unlink($part);
                throw self::cannot($name);
            }
        }
    }

    /** A file where a folder of that name is wanted, the other way round, or no room. */
    private static function cannot(string $name): InvalidInput
    {
        $shown = mb_strlen($name) > 60 ? mb_substr($name, 0, 60) . ' …' : $name;

        return new InvalidInput([new Problem('/folder', new Message('app.upload.cannot', ['shown' => $shown]))]);
    }

    /** @return list<string> paths of those that are there already */
    public function kept(CardReading $reading): array
    {
        return is_dir($reading->folder) ? PhotoFolder::files($reading->folder)['photos'] : [];
    }

    /** All are sent: they are read. */
    public function finish(CardReading $reading): void
    {
        if (CardReading::query()->whereKey($reading->id)->where('status', ReadingStatus::Uploading)->update(['status' => ReadingStatus::Waiting]) === 1) {
            ReadPhotos::dispatch($reading->id);
        }
    }

    private static function isSafe(string $name): bool
    {
        $parts = explode('/', $name);

        $isShort = strlen($name) <= self::MOST_PATH_BYTES && max(array_map(strlen(...), $parts)) <= self::MOST_NAME_BYTES;

        return $isShort && preg_match('/[\p{Cc}\x{FFFD}\\\\]/u', $name) === 0
            && array_filter($parts, static fn (string $part): bool => $part === '' || $part[0] === '.') === [];
    }
}
