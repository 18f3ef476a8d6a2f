<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Film;
use App\Pages\ClipPage;
use Evrent\Core\Clip\Frames;
use Evrent\Core\Export\Film as FilmOf;
use Evrent\Core\Format\ClipJson;
use Evrent\Core\Messages\Failure;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Values\InvalidInput;
use Evrent\Core\Values\Problem;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Film\QuickFilm;
use RuntimeException;

/**
 * A small film of a clip's list as it stands. What was made once is kept for a while.
 */
final class MakeProxy
{
    private const MOST_KEPT = 12;

    /**
     * @param bool $isLevel whether photos are brought level, whatever the list says
     *
     * @return string its path
     *
     * @throws InvalidInput in words
     */
    public function __invoke(ClipPage $page, bool $isLevel): string
    {
        $card = $page->card ?? throw self::none(new Message('app.proxy.none'));
        if (!$card->mayBeRead()) {
            throw self::none($card->trouble());
        }
        $problems = $page->cropProblems();
        if ($problems !== []) {
            throw new InvalidInput($problems);
        }
        $frames = $page->frames();
        $offsets = $isLevel ? $card->offsetsShown() : [];
        $quick = QuickFilm::of($frames, $card->paths, $card->reading->isOfHeads());
        // Photos put to other places by hand, and files that were exported once more, make another film.
        $files = array_map(static fn (string $path): array => [$path, is_file($path) ? filemtime($path) : 0], $card->paths);
        $shown = json_encode([$isLevel, $card->spoilt, $files], JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);
        $key = hash('sha256', ClipJson::write($page->clip) . $shown);
        $folder = Film::folder() . '/.proxies';
        $path = "{$folder}/{$key}.mp4";
        is_dir($folder) || @mkdir($folder, 0o700, true);
        $lock = fopen("{$folder}/{$key}.lock", 'c');
        if ($lock === false || !flock($lock, LOCK_EX)) {
            throw self::none(new Message('app.proxy.folder'));
        }
        try {
            if (!is_file($path)) {
                $work = "{$folder}/.{$key}";
                FilmWork::clear($work);
                mkdir($work, 0o700);
                try {
                    $film = static fn (int $width, int $height, Frames $few): FilmOf => new FilmOf($few, $width, $height, $offsets, true);
                    $made = $quick->make($work, $film);
                    rename($made, $path);
                } catch (Failure $failure) {
                    throw self::none($failure->says);
                } finally {
                    FilmWork::clear($work);
                }
                self::clear($folder);
            }
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }

        return $path;
    }

    /** The oldest go. */
    private static function clear(string $folder): void
    {
        $kept = glob("{$folder}/*.mp4");
        $kept = $kept === false ? [] : $kept;
        usort($kept, static fn (string $a, string $b): int => filemtime($b) <=> filemtime($a));
        foreach (array_slice($kept, self::MOST_KEPT) as $old) {
            @unlink($old);
            @unlink((string) preg_replace('~mp4$~D', 'lock', $old));
        }
    }

    private static function none(Text|string $says): InvalidInput
    {
        return new InvalidInput([new Problem('/photos', $says)]);
    }
}
