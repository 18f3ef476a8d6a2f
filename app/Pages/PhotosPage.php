<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use App\Models\KitItem;
use App\Models\Shot;
use App\Models\Take;
use Evrent\Core\Drawings\BrightnessOfPhotos;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Photos\SheetPart;
use Evrent\Core\Shot\Shot as PlannedShot;
use Illuminate\Support\Collection;

/**
 * The photos of a shot as they were read, in the plan's order: where one is missing there is a gap.
 */
final readonly class PhotosPage
{
    public ?CardReading $reading;

    /** @var array<string, mixed> evrent.match/1; empty until it is read */
    public array $match;

    /** @var array<string, int> places of files in the folder, by path */
    private array $places;

    public function __construct(public Shot $shot, ?CardReading $reading = null)
    {
        $this->reading = $reading ?? CardReading::query()->where('shot_id', $shot->id)->latest('id')->first();
        $this->reading?->setRelation('shot', $shot);
        /** @var array<string, mixed> $match */
        $match = json_decode($this->reading->matched ?? '[]', true, 16, JSON_THROW_ON_ERROR);
        $this->match = $match;
        $this->places = array_flip($this->reading->names ?? []);
    }

    /** Some of the sheet, from a number on. */
    public function part(int $from): SheetPart
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return SheetPart::of($photos, $from);
    }

    public function has(int $number): bool
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return array_key_exists($number, $photos);
    }

    /** @return ?string null where it is missing */
    public function file(int $number): ?string
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return $photos[$number] ?? null;
    }

    /** The address of a small picture of a file. */
    public function picture(string $file): ?string
    {
        return $this->reading === null || !isset($this->places[$file])
            ? null
            : $this->reading->at('picture', place: $this->places[$file]);
    }

    /**
     * @return list<array{file: string, says: string}>
     */
    public function extras(): array
    {
        /** @var list<array{file: string, says: string}> */
        return $this->match['extras'] ?? [];
    }

    /**
     * @return list<array{file: string, why: string}>
     */
    public function skipped(): array
    {
        /** @var list<array{file: string, why: string}> */
        return $this->match['skipped'] ?? [];
    }

    /**
     * @return list<array{what: string, says: string, failure?: string, mend?: string, first?: int}> what differs from the plan, what is seen in the
     *                                                                                                clip, and what could not be told
     */
    public function findings(): array
    {
        /** @var list<array{what: string, says: string, failure?: string, mend?: string, first?: int}> */
        return $this->match['findings'] ?? [];
    }

    /** How bright the photos came out, against what was foretold; null where their pictures were not looked at. */
    public function brightness(): ?BrightnessOfPhotos
    {
        /** @var array<int, float> $stops */
        $stops = $this->match['brightness_stops'] ?? [];
        if ($this->reading === null || $stops === []) {
            return null;
        }
        $jumps = array_filter($this->findings(), static fn (array $one): bool => $one['what'] === 'jump');
        $foretold = PlannedShot::of($this->reading->revision->toPlan())->light()?->predicted() ?? [];

        return BrightnessOfPhotos::of($stops, $foretold, array_column($jumps, 'first'), $this->count());
    }

    /** @return ?array{int, int} first and last photo of the longest clean stretch */
    public function cleanStretch(): ?array
    {
        /** @var ?array{int, int} */
        return $this->match['clean_stretch'] ?? null;
    }

    /** @return ?array{mark: string, why: string} what was said of a photo */
    public function mark(int $number): ?array
    {
        return $this->reading->marks[$number] ?? null;
    }

    /** Whether something could not be told, that somebody may know. */
    public function asks(): bool
    {
        return in_array('not_told', array_column($this->findings(), 'what'), true);
    }

    public function count(): int
    {
        return isset($this->match['photos']) && is_array($this->match['photos']) ? count($this->match['photos']) : 0;
    }

    public function there(): int
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return count(array_filter($photos, static fn (?string $file): bool => $file !== null));
    }

    public function offsetSeconds(): ?float
    {
        $offset = $this->match['clock_offset_s'] ?? null;

        return is_int($offset) || is_float($offset) ? (float) $offset : null;
    }

    public function driftPpm(): ?float
    {
        $drift = $this->match['drift_ppm'] ?? null;

        return is_int($drift) || is_float($drift) ? (float) $drift : null;
    }

    /** @return array<int, string> bodies of the kit, by id */
    public function bodies(): array
    {
        /** @var array<int, string> */
        return KitItem::query()->where('kind', KitKind::Body->value)->orderBy('name')->pluck('name', 'id')->all();
    }

    /** The folder that was read last; the first that may be where none was. */
    public function folder(): string
    {
        $last = $this->reading->folder ?? '';

        return $last === '' || str_starts_with($last, CardReading::uploads()) ? $this->folders()[0] ?? '' : $last;
    }

    /**
     * @return list<string> folders that may be read
     */
    public function folders(): array
    {
        return app(Settings::class)->photoFolders();
    }

    /**
     * @return array<int|string, string> takes that the photos may be of, by id
     */
    public function takes(): array
    {
        /** @var Collection<int, Take> $takes */
        $takes = Take::query()->where('shot_id', $this->shot->id)->latest('id')->limit(20)->get();
        $settings = app(Settings::class);

        $named = $takes->mapWithKeys(static fn (Take $take): array => [$take->id => $settings->moment($take->created_at)])->all();

        return array_replace(['' => 'not said'], $named);
    }
}
