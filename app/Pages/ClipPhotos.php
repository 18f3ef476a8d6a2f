<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use Evrent\Core\Clip\Levels;
use Evrent\Core\Export\Material;
use Evrent\Core\Messages\Message;
use Evrent\Core\Photos\ExposureStops;
use Evrent\Core\Photos\Mark;
use Evrent\Core\Photos\Stops;
use Evrent\Core\Plan\Plan;
use Evrent\Core\Schedule\Schedule;
use Evrent\Devices\Film\FilmWork;
use Evrent\Devices\Photos\Apart;
use Evrent\Words\Words;

/**
 * The photos that a clip is made of: those of a card, or what was developed of them elsewhere.
 */
final readonly class ClipPhotos
{
    /** @var array<int, string> whole paths, by number; of photos that are there */
    public array $paths;

    /** Where they lie. */
    public string $folder;

    /** @var list<int> numbers of photos that are not to be seen */
    public array $spoilt;

    /** @var list<int> numbers of stills to keep */
    public array $picks;

    /** @var array<string, mixed> evrent.match/1 */
    private array $match;

    public function __construct(public CardReading $reading)
    {
        /** @var array<string, mixed> $match */
        $match = json_decode($reading->matched ?? '[]', true, Message::DEPTH, JSON_THROW_ON_ERROR);
        $this->match = $match;
        /** @var array<int, ?string> $photos */
        $photos = $match['photos'] ?? [];
        $files = array_filter($photos, static fn (?string $file): bool => $file !== null);
        $isDeveloped = $reading->developed !== [];
        $folder = $isDeveloped ? $reading->developed_folder : $reading->folder;
        $this->folder = $folder;
        $this->paths = array_map(static fn (string $file): string => "{$folder}/{$file}", $isDeveloped ? $reading->developed : $files);
        $marked = static fn (Mark $mark): array => array_keys(
            array_filter($reading->marks, static fn (array $one): bool => $one['mark'] === $mark->value),
        );
        // What ends half-way cannot be shown, whatever was said of it.
        $torn = $isDeveloped ? [] : array_keys(array_filter($files, static fn (string $file): bool => isset($reading->torn[$file])));
        $this->spoilt = array_values(array_unique([...$marked(Mark::Spoilt), ...$torn]));
        $this->picks = $marked(Mark::Pick);
    }

    public function plan(): Plan
    {
        return $this->reading->revision->toPlan();
    }

    /** @param array<int, float> $offsets stops, by number */
    public function material(array $offsets = []): Material
    {
        return new Material(Schedule::of($this->plan()), $this->paths, $this->spoilt, $this->picks, $offsets);
    }

    /** Why no clip can be made of them here; empty where one can. */
    public function trouble(): string
    {
        return match (true) {
            !$this->mayBeRead() => Words::of('app.clip_photos.not_allowed', folder: $this->folder),
            $this->reading->developed !== [] => '',
            $this->reading->isOfHeads() => Words::of('app.clip_photos.heads'),
            array_filter($this->paths, FilmWork::canRead(...)) !== $this->paths => Words::of('app.clip_photos.raw'),
            default => '',
        };
    }

    /** What may be read is asked again: settings change. */
    public function mayBeRead(): bool
    {
        return Settings::kept()->mayRead($this->folder);
    }

    /** @return array<int, float> stops over the middle photo, by number, as they came from the camera; empty where nobody measured them */
    public function brightness(): array
    {
        /** @var array<int, float|int> $stops */
        $stops = $this->match['brightness_stops'] ?? [];

        return array_diff_key(array_map(floatval(...), $stops), array_flip($this->spoilt));
    }

    /** @return array<int, float> stops by which each photo is made brighter to come level, by number */
    public function offsets(): array
    {
        return Levels::offsets($this->brightness(), $this->reading->exposures ?? ExposureStops::of($this->reading->photos(), $this->files()));
    }

    /**
     * As `offsets()`, of what is really shown: what was developed elsewhere may be level already, or flicker of its own, so it is measured as it came
     * back.
     *
     * @return array<int, float>
     */
    public function offsetsShown(): array
    {
        return $this->reading->developed === []
            ? $this->offsets()
            : Levels::offsets(
                Stops::overMiddle(Apart::lumas(array_diff_key($this->paths, array_flip($this->spoilt)), Settings::kept()->megapixels())),
            );
    }

    /** @return array<int, string> paths from the card's folder on, by number */
    public function files(): array
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return array_filter($photos, static fn (?string $file): bool => $file !== null);
    }
}
