<?php

declare(strict_types=1);

namespace App\Pages;

use App\Models\CardReading;
use App\Models\KitItem;
use App\Models\Preset;
use App\Models\Shot;
use App\Models\Take;
use App\Status\ReadingStatus;
use DateTimeImmutable;
use DateTimeZone;
use Evrent\Core\Drawings\BrightnessOfPhotos;
use Evrent\Core\Kit\KitKind;
use Evrent\Core\Messages\Message;
use Evrent\Core\Messages\Text;
use Evrent\Core\Photos\Mark;
use Evrent\Core\Photos\Sheet;
use Evrent\Core\Photos\ShotAgain;
use Evrent\Core\Photos\Stretch;
use Evrent\Core\Presets\PresetKind;
use Evrent\Core\Run\Take\LogKind;
use Evrent\Core\Shot\Shot as PlannedShot;
use Evrent\Core\Sky\Instant;
use Evrent\Words\Words;
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
        $match = json_decode($this->reading->matched ?? '[]', true, Message::DEPTH, JSON_THROW_ON_ERROR);
        $this->match = $match;
        $this->places = array_flip($this->reading->names ?? []);
    }

    /** Photos that are of a take; null where none were read. */
    public static function ofTake(Take $take): ?self
    {
        $reading = CardReading::query()->where('take_id', $take->id)->where('status', ReadingStatus::Done)->latest('id')->first();

        return $reading === null ? null : new self($reading->shot, $reading);
    }

    /** The sheet of all photos; null until they are read. */
    public function sheet(): ?Sheet
    {
        return $this->reading?->sheet === null ? null : Sheet::fromJson($this->reading->sheet);
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

    /** The address of a small picture of a photo; null where it is missing. */
    public function pictureOf(int $number): ?string
    {
        $file = $this->file($number);

        return $file === null ? null : $this->picture($file);
    }

    /**
     * @return list<array{file: string, says: Text|string}>
     */
    public function extras(): array
    {
        /** @var list<array{file: string, says: mixed}> $extras */
        $extras = $this->match['extras'] ?? [];

        return array_map(static fn (array $extra): array => ['file' => $extra['file'], 'says' => Message::kept($extra['says'])], $extras);
    }

    /**
     * @return list<array{file: string, why: Text|string}>
     */
    public function skipped(): array
    {
        /** @var list<array{file: string, why: mixed}> $skipped */
        $skipped = $this->match['skipped'] ?? [];

        return array_map(static fn (array $one): array => ['file' => $one['file'], 'why' => Message::kept($one['why'])], $skipped);
    }

    /**
     * @return list<array{what: string, title: Text|string|null, says: Text|string, failure: ?string, mend: Text|string|null, first: ?int}> what differs
     *                                                    from the plan, what is seen in the clip, and what could not be decided
     */
    public function findings(): array
    {
        /** @var list<array{what: string, title?: mixed, says: mixed, failure?: string, mend?: mixed, first?: int}> $kept */
        $kept = $this->match['findings'] ?? [];
        $words = static fn (mixed $one): Text|string|null => $one === null ? null : Message::kept($one);

        return array_map(static fn (array $one): array => [
            'what' => $one['what'], 'title' => $words($one['title'] ?? null), 'says' => Message::kept($one['says']),
            'failure' => $one['failure'] ?? null, 'mend' => $words($one['mend'] ?? null), 'first' => $one['first'] ?? null,
        ], $kept);
    }

    /** The whole sheet in one line. */
    public function map(Sheet $sheet): BrightnessOfPhotos
    {
        $jumps = array_filter($this->findings(), static fn (array $one): bool => $one['what'] === 'jump');

        return BrightnessOfPhotos::of($sheet, array_values(array_filter(array_column($jumps, 'first'), is_int(...))), $this->missing(), $this->spoilt());
    }

    /** @return ?array{int, int} first and last photo of the longest stretch with nothing missing and nothing spoilt */
    public function cleanStretch(Sheet $sheet): ?array
    {
        return Stretch::longest($this->count(), [...$sheet->spoilt, ...$this->spoilt()]);
    }

    /**
     * @return list<ShotAgain> what is missing or spoilt, and when it could be shot again in the same light
     */
    public function again(Sheet $sheet): array
    {
        if ($this->reading === null) {
            return [];
        }
        $shot = PlannedShot::of($this->reading->revision->toPlan());

        return ShotAgain::of($shot, [...$sheet->spoilt, ...$this->spoilt()], new Instant((float) now()->format('U.u')));
    }

    /** Day and time at the place. */
    public function moment(Instant $instant): string
    {
        return app(Settings::class)->moment($this->atPlace($instant), true);
    }

    /** Time at the place. */
    public function clock(?Instant $instant): string
    {
        return $instant === null ? '' : app(Settings::class)->clock($this->atPlace($instant)->format('H:i:s'));
    }

    private function atPlace(Instant $instant): DateTimeImmutable
    {
        return (new DateTimeImmutable('@' . (int) $instant->unixSeconds))->setTimezone(new DateTimeZone($this->shot->shoot->site()->zone ?? 'UTC'));
    }

    /** @return list<int> numbers that somebody marked as spoilt */
    private function spoilt(): array
    {
        return array_keys(array_filter($this->reading->marks ?? [], static fn (array $mark): bool => $mark['mark'] === Mark::Spoilt->value));
    }

    /** @return list<int> numbers that are not on the card */
    private function missing(): array
    {
        /** @var array<int, ?string> $photos */
        $photos = $this->match['photos'] ?? [];

        return array_keys(array_filter($photos, static fn (?string $file): bool => $file === null));
    }

    /** @return ?array{mark: string, why: string} what was said of a photo */
    public function mark(int $number): ?array
    {
        return $this->reading->marks[$number] ?? null;
    }

    /** What was said of a photo, in words. */
    public function marked(int $number): string
    {
        $mark = $this->mark($number);

        return $mark === null ? '' : trim(Words::say(Mark::from($mark['mark'])->label()) . ' ' . $mark['why']);
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

    public function learnt(): LearntBody
    {
        return new LearntBody($this);
    }

    /** @return array<int, string> bodies of the kit, by id */
    public function bodies(): array
    {
        /** @var array<int, string> */
        return KitItem::query()->where('kind', KitKind::Body->value)->orderBy('name')->pluck('name', 'id')->all();
    }

    /** @return list<string> names of recipes */
    public function recipes(): array
    {
        /** @var list<string> */
        return Preset::query()->where('kind', PresetKind::Recipe)->orderBy('name')->pluck('name')->all();
    }

    /** How many photos the take triggered; null where nobody said which take they are of. */
    public function triggered(): ?int
    {
        $take = $this->reading?->take;

        return $take?->lines()->where('kind', LogKind::Outcome->value)->whereNotNull('photo')->distinct()->count('photo');
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

        return array_replace(['' => Words::of('app.photos_page.automatic')], $named);
    }

    /**
     * The take that is chosen beforehand: the one whose page led here, that of the photos that were read last, or the latest.
     *
     * @param string $from id of the take whose page led here; empty from elsewhere
     *
     * @return string its id; empty for none
     */
    public function likelyTake(string $from): string
    {
        $takes = array_map(strval(...), array_keys($this->takes()));
        $latest = $takes[1] ?? '';
        $last = $this->reading === null ? $latest : (string) $this->reading->take_id;

        return in_array($from, $takes, true) && $from !== '' ? $from : $last;
    }
}
